<?php

declare(strict_types=1);

namespace App\Screens\Service;

use App\Models\CareRecord;
use App\Models\User;
use App\UseCases\Service\RigCare;
use Yoke\Service\CareDone;
use Yoke\Service\DueState;
use Yoke\Service\DueTask;

/** A task that falls due, in a person's words and units. */
final readonly class CareLine
{
    public function __construct(public DueTask $due, public DueState $state, private ?float $driven, private int $today, private User $person)
    {
    }

    /** @return list<self> all of a rig's, the first due first */
    public static function of(RigCare $care, User $person): array
    {
        $book = $care->book();

        return array_map(static fn (DueTask $due): self => new self($due, $due->state($care->today(), $book->driven()), $book->driven(), $care->today(), $person), $book->due());
    }

    /** How often it is done. */
    public function every(): string
    {
        $every = $this->due->task->every;
        $time = $every->days < 60 ? "{$every->days} days" : round($every->days / 30.44).' months';
        $far = $every->kilometres === null ? '' : $this->person->roadUnit()->distance($every->kilometres).' or ';

        return $this->due->task->isOnce() ? "once, {$far}{$time} after a set-up" : "every {$far}{$time}";
    }

    /** When it falls due, by what comes first. */
    public function when(): string
    {
        $left = $this->due->left($this->driven);
        $day = CareRecord::dateOf($this->due->firstDay())->format('j M Y');
        $unit = $this->person->roadUnit();

        return match (true) {
            $left !== null && $left <= 0.0 => "{$unit->distance(-$left)} over its distance",
            $left !== null && $this->isDrivenByNow() => "{$unit->distance($left)} left when it was read last; at its pace, about now",
            $left !== null => "in {$unit->distance($left)}, or by {$day}",
            default => ($this->state === DueState::Over ? 'since ' : 'by ').$day,
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

        return ($since->task === CareDone::SET_UP ? 'set up ' : 'done ').CareRecord::dateOf($since->day)->format('j M Y');
    }

    /** Whether its distance cannot be counted, as nobody read one when its interval began. */
    public function lacksDistance(): bool
    {
        return $this->due->task->every->kilometres !== null && $this->due->kilometres === null;
    }
}
