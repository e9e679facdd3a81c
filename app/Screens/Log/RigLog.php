<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Models\Job;
use App\Models\Rig;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\Text;
use App\Words\WeighingWords;
use Illuminate\Database\Eloquent\Collection;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Plot\TrendPlot;

/** The history of a rig: its set-ups, the latest first, what changed between them, and the figures over time. */
final readonly class RigLog
{
    /** Worked out on one page; the earlier ones are on the next. */
    public const SHOWN = 4;

    /** @var list<PastSetUp> the latest first; one more than is shown, so that the last shown can be held against it */
    private array $setUps;

    public function __construct(public Rig $rig, private User $person, JobAnalyses $analyses, private int $skip = 0)
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = $rig
            ->jobs()
            ->with([
                'liveReadings',
                'marks',
                'rounds',
                'measures',
                'tickets',
                'tongueReadings',
                'roadDrives',
                'torques',
                'photos.user',
            ])
            ->skip($skip)
            ->limit(self::SHOWN + 1)
            ->get();
        $this->setUps = self::each(
            $jobs->each(static fn (Job $job): Job => $job->setRelation('rig', $rig)),
            $person,
            $analyses,
        );
    }

    /** @return list<PastSetUp> */
    public function setUps(): array
    {
        return array_slice($this->setUps, 0, self::SHOWN);
    }

    /** How often it stood on a weighbridge, and when last; an empty text where never. */
    public function weighed(): string
    {
        return WeighingWords::counted(array_values($this->rig->weighings->all()));
    }

    /** How many to skip for the earlier ones; null where there are none. */
    public function earlier(): ?int
    {
        return count($this->setUps) > self::SHOWN ? $this->skip + self::SHOWN : null;
    }

    /** What changed since the one before; null for the first. */
    public function since(int $i): ?SetUpComparison
    {
        $before = $this->setUps[$i + 1] ?? null;
        $after = $this->setUps[$i];

        return $before === null
            ? null
            : new SetUpComparison($before, $after->job->aboard(), $after->setting(), $this->person->loadUnit());
    }

    public function titleBefore(int $i): string
    {
        $before = $this->setUps[$i + 1]->job;

        return "{$before->title}, {$before->booked_on->isoFormat('D MMM YYYY')}:";
    }

    /** @return list<array{string, TrendPlot, list<string>}> what, drawn, and as printed from the first to the last */
    public function trends(): array
    {
        $shown = array_reverse($this->setUps());
        $trends = [
            [
                Text::of('screen.rig_log.tongue_weight'),
                static fn (PastSetUp $one): ?Normal => $one->tongueWeight(),
                fn (Normal $value): string => $this->person->loadUnit()->nearest(Load::ofKilograms($value->mean())),
            ],
            [
                Text::of('screen.rig_log.front_axle_load_restored'),
                static fn (PastSetUp $one): ?Normal => $one->restored(),
                static fn (Normal $value): string => round(100 * $value->mean()).' %',
            ],
            [Text::of('screen.rig_log.front_fender_carried'), self::carried(Axle::Front), $this->height(...)],
            [Text::of('screen.rig_log.rear_fender_carried'), self::carried(Axle::Rear), $this->height(...)],
        ];
        $drawn = [];
        foreach ($trends as [$what, $value, $print]) {
            $values = array_values(array_filter(array_map($value, $shown)));
            if (count($values) > 1) {
                $drawn[] = [$what, new TrendPlot($values), array_map($print, $values)];
            }
        }

        return $drawn;
    }

    /** @return \Closure(PastSetUp): ?Normal */
    private static function carried(Axle $axle): \Closure
    {
        return static fn (PastSetUp $one): ?Normal => $one->bench->reading(Stance::Carried, $axle)?->gaussian();
    }

    private function height(Normal $value): string
    {
        return $this->person->lengthPrinter()->nearest(Length::ofMillimetres($value->mean()));
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<PastSetUp>
     */
    private static function each(Collection $jobs, User $person, JobAnalyses $analyses): array
    {
        return array_values(
            $jobs->map(static fn (Job $job): PastSetUp => new PastSetUp($job, $person, $analyses))->all(),
        );
    }
}
