<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Models\PracticeRun;
use App\Models\User;
use App\UseCases\Practice\DebriefRecord;
use App\UseCases\Practice\PlayedRun;
use App\Words\PracticeWords;
use App\Words\QuantityWords;
use App\Words\RigWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Method\Verdict;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Debrief\PointsPart;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;

/**
 * A run that is over: the truth beside what was believed.
 *
 * @phpstan-import-type Kept from DebriefRecord
 * @phpstan-import-type Ending from DebriefRecord
 */
final readonly class DebriefPage
{
    public Run $run;

    public PracticeRun $kept;

    public PracticeWords $says;

    /** @var Kept */
    public array $debrief;

    private QuantityWords $print;

    public function __construct(PlayedRun $played, User $person)
    {
        $this->run = $played->run;
        $this->kept = $played->kept;
        /** @var Kept $debrief */
        $debrief = $played->kept->debrief ?? throw new \LogicException('Only a run that is over has a debrief.');
        $this->debrief = $debrief;
        $this->says = new PracticeWords($this->run->exercise->rig->told, $person);
        $this->print = new QuantityWords($person);
    }

    public function title(): string
    {
        return $this->kept->rig_name ?? PracticeWords::rig($this->run->exercise->rig->rig);
    }

    public function breach(): ?SafetyViolation
    {
        return SafetyViolation::tryFrom((string) $this->debrief['learner']['breach']);
    }

    /** What was truly restored at the end, and what was believed. */
    public function truth(): string
    {
        return $this->print->percent($this->debrief['learner']['share']);
    }

    /** An empty text where nothing was taped carried. */
    public function believed(): string
    {
        $known = $this->debrief['known'];
        $last = $known[count($known) - 1] ?? null;

        return $last === null ? '' : VerdictWords::share(Normal::of($last['share'], $last['doubt']));
    }

    /** @return list<array{string, int, int}> part, points, of how many */
    public function points(): array
    {
        return array_map(
            fn (PointsPart $part): array => [
                Text::of("practice.part.{$part->value}"),
                $this->debrief['parts'][$part->value] ?? 0,
                $part->most(),
            ],
            PointsPart::cases(),
        );
    }

    /** @return list<string> */
    public function lessons(): array
    {
        return array_map($this->says->lesson(...), $this->debrief['lessons']);
    }

    /** @return list<array{name: string, seen: string, cost: string, found: bool, putRight: bool}> */
    public function faults(): array
    {
        return array_map(static function (array $kept): array {
            $fault = Fault::from($kept['fault']);

            return [
                'name' => PracticeWords::fault($fault),
                'seen' => Text::of("practice.fault.{$fault->value}.seen"),
                'cost' => Text::of("practice.fault.{$fault->value}.cost"),
                'found' => $kept['found'],
                'putRight' => $kept['put_right'],
            ];
        }, $this->debrief['faults']);
    }

    /**
     * @return list<array{stance: string, setting: string, end: string, read: string, shown: string, stood: string,
     *     rest: string, off: string, close: bool}> each reading beside the true height
     */
    public function heights(): array
    {
        $words = new SettingWords($this->run->exercise->rig->told->sheets);

        return array_map(
            fn (TakenHeight $height): array => [
                'stance' => RigWords::stance($height->stance),
                'setting' => $height->stance === Stance::Carried ? $words->of($height->hitch->setting) : '',
                'end' => Text::of("practice.axle.{$height->axle->value}"),
                'read' => $height->typed !== '' ? $height->typed : $this->print->height($height->read),
                'shown' => $this->print->fine($height->shown),
                'stood' => $this->print->fine($height->stood),
                'rest' => $this->print->fine($height->rest),
                'off' => $this->print->change($height->off()),
                'close' => $height->isClose(),
            ],
            $this->run->heights(),
        );
    }

    /**
     * @return list<array{hookUp: int, setting: string, known: string, verdict: string, truly: string}> what could be
     *     known at each hook-up
     */
    public function known(): array
    {
        $words = new SettingWords($this->run->exercise->rig->told->sheets);

        return array_map(
            fn (array $known): array => [
                'hookUp' => $known['hook_up'],
                'setting' => $words->of(Setting::of($known['steps'])),
                'known' => VerdictWords::share(Normal::of($known['share'], $known['doubt'])),
                'verdict' => VerdictWords::verdict(Verdict::from($known['verdict'])),
                'truly' => $this->print->percent($known['truly']),
            ],
            $this->debrief['known'],
        );
    }

    /**
     * @return list<array{who: string, ending: Ending, share: string}> who did what with the same rig and the same noise
     */
    public function others(): array
    {
        return array_map(
            fn (string $who): array => [
                'who' => $who,
                'ending' => $this->debrief[$who],
                'share' => $this->print->percent($this->debrief[$who]['share']),
            ],
            ['learner', 'advised', 'one_step'],
        );
    }

    /** The rig as it truly rested at the end, its heights drawn larger than they are. */
    public function truly(): Elevation
    {
        $now = $this->run->situation();

        return $this->drawn(
            fn (Stance $stance, Axle $axle): ?float => $stance === Stance::Carried && ! $now->isHooked
                ? null
                : $this->run->exercise->hidden->height($stance, $axle, $now->hitch, $now->faults),
        );
    }

    /** The same as it was read last; null where a stance was not taped. */
    public function asRead(): ?Elevation
    {
        $read = [];
        foreach ($this->run->heights() as $height) {
            $read[$height->stance->value][$height->axle->value] = $height->read;
        }

        return count($read[Stance::Alone->value] ?? []) < 2
            ? null
            : $this->drawn(
                static fn (Stance $stance, Axle $axle): ?float => $read[$stance->value][$axle->value] ?? null,
            );
    }

    /** @param  \Closure(Stance, Axle): (float|null)  $height  mm */
    private function drawn(\Closure $height): Elevation
    {
        $heights = StanceHeights::none();
        foreach (Stance::cases() as $stance) {
            foreach (Axle::cases() as $axle) {
                $at = $height($stance, $axle);
                $heights =
                    $at === null
                        ? $heights
                        : $heights->with($stance, $axle, HeightReading::exact(Length::ofMillimetres($at)));
            }
        }

        return new Elevation($this->run->exercise->rig->rig, $heights, 5.0);
    }
}
