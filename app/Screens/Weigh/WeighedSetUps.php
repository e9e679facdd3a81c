<?php

declare(strict_types=1);

namespace App\Screens\Weigh;

use App\Models\Job;
use App\Models\Rig;
use App\Models\WeighTicket;
use App\Words\QuantityWords;
use Illuminate\Database\Eloquent\Collection;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Rig\Parts\Stance;

/** The same vehicle and trailer on other dates or with another hitch, side by side by their tickets alone. */
final readonly class WeighedSetUps
{
    private const MOST = 4;

    public function __construct(private Job $job, private QuantityWords $print)
    {
    }

    /**
     * @return list<array{title: string, hitch: string, on: string, figures: list<string>}> this one first; none where
     *     no other was weighed in all three stances
     */
    public function rows(): array
    {
        $rows = array_values(array_filter(array_map($this->row(...), [$this->job, ...$this->others()])));

        return count($rows) < 2 ? [] : $rows;
    }

    /** The same as a drawing: what each axle carries with the bars on over what it carried alone. */
    public function drawn(): ChangesDrawn
    {
        $setUps = [];
        foreach ([$this->job, ...$this->others()] as $job) {
            $alone = $this->latest($job, Stance::Alone);
            $carried = $this->latest($job, Stance::Carried);
            if ($this->row($job) !== null && $alone !== null && $carried !== null) {
                $setUps[] = [
                    'says' => "{$job->rigAsWorked()->hitchName()}, {$job->booked_on->isoFormat('D MMM YYYY')}",
                    'changes' => array_map(
                        static fn (WeighedAxle $axle): ?Load => self::change(
                            $alone->axle($axle),
                            $carried->axle($axle),
                        ),
                        [WeighedAxle::Front, WeighedAxle::Rear],
                    ),
                ];
            }
        }

        return new ChangesDrawn($setUps, $this->print);
    }

    private static function change(?Load $before, ?Load $after): ?Load
    {
        return $before === null ? null : $after?->minus($before);
    }

    /** @return list<Job> */
    private function others(): array
    {
        $rigs = Rig::query()
            ->where('vehicle_id', $this->job->rig->vehicle_id)
            ->where('trailer_id', $this->job->rig->trailer_id)
            ->pluck('id');
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()
            ->with('tickets')
            ->whereIn('rig_id', $rigs)
            ->whereKeyNot($this->job->id)
            ->whereHas('tickets')
            ->orderByDesc('booked_on')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return array_values($jobs->all());
    }

    /**
     * @return array{title: string, hitch: string, on: string, figures: list<string>}|null null of one that was not
     *     weighed in all three stances
     */
    private function row(Job $job): ?array
    {
        $alone = $this->latest($job, Stance::Alone);
        $dropped = $this->latest($job, Stance::Dropped);
        $carried = $this->latest($job, Stance::Carried);
        if ($alone === null || $dropped === null || $carried === null) {
            return null;
        }
        $weighing = new Weighing($alone, $dropped);
        $moved = $weighing->moved($carried);
        $restored = $weighing->restored($carried);

        return [
            'title' => $job->title,
            'hitch' => $job->rigAsWorked()->hitchName(),
            'on' => $job->booked_on->isoFormat('D MMM YYYY'),
            'figures' => [
                $this->load($weighing->droppedLoad()?->mean()),
                $restored === null
                    ? '–'
                    : sprintf('%d ± %d %%', round(100 * $restored->mean()), round(100 * $restored->deviation())),
                $moved === null
                    ? '–'
                    : sprintf('%d %%, %d %%', round(100 * $moved['forward']), round(100 * $moved['back'])),
                ...array_map(
                    fn (WeighedAxle $axle): string => $this->print->load($carried->axle($axle)),
                    WeighedAxle::cases(),
                ),
            ],
        ];
    }

    private function load(?float $kilograms): string
    {
        return $kilograms === null ? '–' : $this->print->about(Load::ofKilograms($kilograms));
    }

    private function latest(Job $job, Stance $stance): ?Ticket
    {
        return $job->tickets
            ->last(
                static fn (WeighTicket $ticket): bool => $ticket->stance === $stance &&
                    $ticket->withdrawn_at === null &&
                    $ticket->isPlain(),
            )
            ?->core();
    }
}
