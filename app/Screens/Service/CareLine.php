<?php

declare(strict_types=1);

namespace App\Screens\Service;

use App\Models\CareRecord;
use App\Models\User;
use App\UseCases\Service\RigCare;
use App\Words\Text;
use Yoke\Workshop\Service\CareDone;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\DueTask;

/** A task that falls due, in a person's words and units. */
final readonly class CareLine
{
    public function __construct(
        public DueTask $due,
        public DueState $state,
        private ?float $driven,
        private int $today,
        private User $person,
    ) {
    }

    /** @return list<self> all of a rig's, the first due first */
    public static function of(RigCare $care, User $person): array
    {
        $book = $care->book();

        return array_map(
            static fn (DueTask $due): self => new self(
                $due,
                $due->state($care->today(), $book->driven()),
                $book->driven(),
                $care->today(),
                $person,
            ),
            $book->due(),
        );
    }

    /** How often it is done. */
    public function every(): string
    {
        $every = $this->due->task->every;
        $time =
            $every->days < 60
                ? Text::of('screen.care_line.days', ['days' => $every->days])
                : Text::of('screen.care_line.months', ['months' => (int) round($every->days / 30.44)]);
        $far =
            $every->kilometres === null
                ? ''
                : Text::of('screen.care_line.distance_or', [
                    'distance' => $this->person->roadUnit()->distance($every->kilometres),
                ]);

        return $this->due->task->isOnce()
            ? Text::of('screen.care_line.once', ['far' => $far, 'time' => $time])
            : Text::of('screen.care_line.every', ['far' => $far, 'time' => $time]);
    }

    /** When it falls due, by what comes first. */
    public function when(): string
    {
        $left = $this->due->left($this->driven);
        $day = CareRecord::dateOf($this->due->firstDay())->isoFormat('D MMM YYYY');
        $unit = $this->person->roadUnit();

        return match (true) {
            $left !== null && $left <= 0.0 => Text::of('screen.care_line.over', [
                'distance' => $unit->distance(-$left),
            ]),
            $left !== null && $this->isDrivenByNow() => Text::of('screen.care_line.about_now', [
                'distance' => $unit->distance($left),
            ]),
            $left !== null => Text::of('screen.care_line.in_or_by', [
                'distance' => $unit->distance($left),
                'day' => $day,
            ]),
            default => $this->state === DueState::Over
                ? Text::of('screen.care_line.since', ['day' => $day])
                : Text::of('screen.care_line.by', ['day' => $day]),
        };
    }

    private function isDrivenByNow(): bool
    {
        return $this->due->firstDay() <= $this->today && $this->due->day > $this->today;
    }

    /** What it counts from. */
    public function since(): string
    {
        $since = $this->due->since;

        $day = CareRecord::dateOf($since->day)->isoFormat('D MMM YYYY');

        return $since->task === CareDone::SET_UP
            ? Text::of('screen.care_line.set_up', ['day' => $day])
            : Text::of('screen.care_line.done', ['day' => $day]);
    }

    /** Whether its distance cannot be counted, as nobody read one when its interval began. */
    public function lacksDistance(): bool
    {
        return $this->due->task->every->kilometres !== null && $this->due->kilometres === null;
    }
}
