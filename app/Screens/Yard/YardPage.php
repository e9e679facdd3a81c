<?php

declare(strict_types=1);

namespace App\Screens\Yard;

use App\Models\Job;
use App\Models\OwnerNote;
use App\Models\Rig;
use App\Models\User;
use App\Screens\Service\CareLine;
use App\UseCases\Service\RigCare;
use App\Words\Text;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\DueTask;

/**
 * The jobs of the day: those that are open, the longest first, what was handed over lately, and what falls due on rigs
 * handed over before.
 */
final readonly class YardPage
{
    private const OPEN_SHOWN = 12;

    private const FINISHED_SHOWN = 6;

    private const DUE_SHOWN = 5;

    private const NOTES_SHOWN = 10;

    public function __construct(private User $person, private JobCards $cards)
    {
    }

    /** @return list<string> cards of open jobs, the longest booked first */
    public function open(): array
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()
            ->whereNull('handed_over_at')
            ->orderBy('booked_on')
            ->orderBy('id')
            ->limit(self::OPEN_SHOWN)
            ->get();

        return $this->cards->of($jobs);
    }

    /** How many open jobs are not shown here. */
    public function moreOpen(): int
    {
        return max(0, Job::query()->whereNull('handed_over_at')->count() - self::OPEN_SHOWN);
    }

    /** @return list<string> cards, the latest first */
    public function finished(): array
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()
            ->whereNotNull('handed_over_at')
            ->orderByDesc('handed_over_at')
            ->limit(self::FINISHED_SHOWN)
            ->get();

        return $this->cards->of($jobs);
    }

    /** @return list<array{Rig, non-empty-list<CareLine>}> rigs with what presses on them, the first due first */
    public function due(): array
    {
        /** @var Collection<int, Rig> $rigs */
        $rigs = Rig::atHand()
            ->with(['vehicle', 'trailer', 'hitch', 'careRecords'])
            ->where('care_due_on', '<=', Date::today()->addDays(DueTask::SOON_DAYS))
            ->orderBy('care_due_on')
            ->limit(self::DUE_SHOWN)
            ->get();
        $due = [];
        foreach ($rigs as $rig) {
            $pressing = array_values(
                array_filter(
                    CareLine::of(new RigCare($rig), $this->person),
                    static fn (CareLine $line): bool => $line->state !== DueState::Later,
                ),
            );
            if ($pressing !== []) {
                $due[] = [$rig, $pressing];
            }
        }

        return $due;
    }

    /** @return Collection<int, OwnerNote> what owners wrote and nobody has seen, the oldest first */
    public function notes(): Collection
    {
        return OwnerNote::query()->with('job')->whereNull('seen_at')->orderBy('id')->limit(self::NOTES_SHOWN)->get();
    }

    public function today(): string
    {
        return Date::today()->isoFormat(Text::of('language.day'));
    }
}
