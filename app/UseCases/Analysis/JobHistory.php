<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\WeighTicket;
use App\UseCases\Tape\TapedHeights;
use Yoke\CoreException;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Record\HeightTaken;
use Yoke\Job\Record\HookUpRecord;
use Yoke\Job\Record\MeasureTaken;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\TicketTaken;
use Yoke\Job\Record\TongueTaken;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** What was read in a job, filled in from what is kept of it. */
final readonly class JobHistory
{
    /** Rounds whose setting nobody wrote down: nobody can say that two of them are one hook-up. */
    private const UNSAID = 100_000;

    public function __construct(private Job $job, private SpecifiedRig $described, private TapedHeights $taped)
    {
    }

    public function history(): ReadingHistory
    {
        return new ReadingHistory(
            $this->hookUps(),
            $this->heights(),
            $this->measures(),
            $this->tickets(),
            $this->tongueWeights(),
        );
    }

    /** @return list<HookUpRecord> */
    private function hookUps(): array
    {
        $book = $this->job->roundBook();
        $records = [];
        for ($round = 1; $round <= $this->job->roundOf(Stance::Carried); $round++) {
            $setting = $this->setting($round);
            $number = $book->hookUpOf($round);
            $record = HookUpRecord::of(
                $round,
                $setting === null ? self::UNSAID + $round : $number,
                $setting,
                $book->setBy($round),
            );
            $records[] = $book->isCounted($number) ? $record->counted() : $record;
        }

        return $records;
    }

    /** @return list<HeightTaken> */
    private function heights(): array
    {
        $taken = [];
        foreach (Stance::cases() as $stance) {
            for ($round = 1; $round <= $this->job->roundOf($stance); $round++) {
                foreach (Axle::cases() as $axle) {
                    $height = $this->taped->axle($stance, $axle, $round);
                    if ($height !== null) {
                        $key = "{$stance->value}.{$axle->value}.{$round}";
                        $taken[] = new HeightTaken(
                            $stance,
                            $round,
                            $axle,
                            $height,
                            $key,
                            $this->taped->unitOf($stance, $axle, $round),
                            hours: $this->taped->hoursOf($stance, $axle, $round),
                        );
                    }
                }
            }
        }

        return $taken;
    }

    /** @return list<MeasureTaken> of each kind, stance and round the latest */
    private function measures(): array
    {
        $taken = [];
        foreach (Stance::cases() as $stance) {
            for ($round = 1; $round <= $this->job->roundOf($stance); $round++) {
                foreach (MeasureKind::of($stance) as $kind) {
                    $measure = $this->job->measure($stance, $round, $kind);
                    $rearEnd = $this->job->measure($stance, $round, MeasureKind::FrameRear)?->value;
                    $isHalf =
                        $kind === MeasureKind::FrameRear || ($kind === MeasureKind::FrameFront && $rearEnd === null);
                    $taken =
                        $measure?->value === null || $isHalf
                            ? $taken
                            : [...$taken, self::measure($kind, $measure, $measure->value, $rearEnd)];
                }
            }
        }

        return $taken;
    }

    /** @param  float|null  $rearEnd  the frame's height at its rear end, mm */
    private static function measure(MeasureKind $kind, Measure $measure, float $value, ?float $rearEnd): MeasureTaken
    {
        $unit = match (true) {
            $kind->isAngle(), $kind->sight() !== null => null,
            $kind->isLength() => $measure->lengthUnit(),
            default => $measure->loadUnit(),
        };
        $key = "{$measure->stance->value}.{$kind->value}.{$measure->round}";

        return new MeasureTaken(
            $measure->stance,
            $measure->round,
            $kind->observed(),
            $value,
            $key,
            $unit,
            seen: $kind->sight()?->answer($measure->typed),
            rearEnd: $kind === MeasureKind::FrameFront ? $rearEnd : null,
        );
    }

    /** @return list<TicketTaken> of rounds that there are */
    private function tickets(): array
    {
        $counts = fn (WeighTicket $ticket): bool => $ticket->withdrawn_at === null &&
            $ticket->isPlain() &&
            $ticket->round <= $this->job->roundOf($ticket->stance);

        return array_map(
            static fn (WeighTicket $ticket): TicketTaken => new TicketTaken(
                $ticket->round,
                $ticket->core(),
                "ticket {$ticket->id}",
            ),
            array_values($this->job->tickets->filter($counts)->all()),
        );
    }

    /** @return list<TongueTaken> */
    private function tongueWeights(): array
    {
        $readings = new TongueReadings($this->job, $this->described);
        $curve = $readings->curve();

        return $curve === null ? [] : [new TongueTaken($curve->level(), 'tongue', $readings->unit())];
    }

    /** Null where nobody wrote it down, or the hitch has no such one. */
    private function setting(int $round): ?Setting
    {
        $steps = $this->job->settingOf($round);
        try {
            return $steps === null ? null : $this->described->sheets->adjusters()?->recorded($steps);
        } catch (CoreException) {
            return null;
        }
    }
}
