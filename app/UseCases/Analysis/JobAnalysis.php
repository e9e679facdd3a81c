<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\MeasureKind;
use App\Models\WeighTicket;
use App\UseCases\Tape\TapedHeights;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Action;
use Yoke\Advice\Advisor;
use Yoke\Advice\Policy;
use Yoke\Advice\Reasons;
use Yoke\Advice\Recommendation;
use Yoke\Advice\SettingForecast;
use Yoke\CoreException;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\ReadingContext;
use Yoke\Estimation\Residual;
use Yoke\Method\Band;
use Yoke\Method\CurrentSetting;
use Yoke\Method\FiveMethods;
use Yoke\Planning\DescribedRig;
use Yoke\Readings\Weighing\Ticket;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Units\LoadUnit;

/** What the readings of a job tell of its rig, and what to do next. */
final class JobAnalysis
{
    /** A runner-up below this chance is none. */
    private const WORTH_SAYING = 0.05;

    /** What a platform tells, by the axles that stood on it. */
    private const PLATFORMS = [
        'front' => Observed::FrontLoad, 'rear' => Observed::RearLoad, 'trailer' => Observed::TrailerLoad,
        'front rear' => Observed::VehicleLoad, 'rear trailer' => Observed::RearAndTrailerLoad,
    ];

    public readonly DescribedRig $described;

    public readonly Posterior $posterior;

    private ?Recommendation $advised = null;

    /** The setting that is on; null before the first hook-up. */
    public readonly ?CurrentSetting $trial;

    private function __construct(private readonly Job $job, private readonly TapedHeights $taped, public readonly Adjusters $adjusters, private readonly Policy $policy)
    {
        $this->described = $job->rigAsWorked()->described();
        $this->posterior = $job->handed_over_at === null
            ? (new Estimation($this->described->prior(), $this->observations()))->posterior()
            : app(KeptFits::class)->posterior($this->described->prior(), $this->observations());
        $this->trial = $this->lastTrial();
    }

    /** Null while nothing is taped, or nobody said what kind of hitch it is. */
    public static function of(Job $job, TapedHeights $taped, Policy $policy): ?self
    {
        $adjusters = $job->rigAsWorked()->described()->adjusters();

        return $adjusters === null || ! $taped->stances()->holdsBothEndsOf(Stance::Alone) ? null : new self($job, $taped, $adjusters, $policy);
    }

    /** The next move, weighed once it is asked for. */
    public function advised(): Recommendation
    {
        return $this->advised ??= $this->fromWhereItWasLeft((new Advisor($this->adjusters, $this->reference(), $this->job->band(), $this->described->obstacles(), $this->policy, $this->job->method))
            ->advise($this->posterior, $this->trial?->setting, $this->trial->readings ?? 0));
    }

    /** A return visit is hooked up first where it starts, as long as nothing forbids that. */
    private function fromWhereItWasLeft(Recommendation $advised): Recommendation
    {
        $start = $this->trial === null ? $this->start() : null;
        foreach ($advised->ranking as $outlook) {
            if ($start !== null && $outlook->isOpen() && $outlook->setting->equals($start)) {
                return new Recommendation(Action::Set, $outlook, $advised->present, $advised->ranking);
            }
        }

        return $advised;
    }

    /** The middle of everything; the head where it was at the first trial. */
    public function reference(): Setting
    {
        $middle = $this->adjusters->middle();
        $first = $this->setting(1);
        $head = $first === null ? null : $this->headOf($first);

        return $head === null ? $middle : $middle->with(...$head);
    }

    /** The setting of a round; null where nobody wrote it down, or the hitch has no such setting any more. */
    public function setting(int $round): ?Setting
    {
        return $this->settingOf($this->job->settingOf($round) ?? []);
    }

    /**
     * A setting by its steps; null where this hitch has no such one.
     *
     * @param  array<string, float>  $steps
     */
    public function settingOf(array $steps): ?Setting
    {
        try {
            return $steps === [] ? null : $this->adjusters->setting($steps);
        } catch (CoreException) {
            return null;
        }
    }

    /** Where a return visit starts; null on a first one. */
    public function start(): ?Setting
    {
        return $this->settingOf(array_map(floatval(...), $this->job->start['steps'] ?? []));
    }

    public function band(): Band
    {
        return $this->job->band();
    }

    public function reasons(): Reasons
    {
        return new Reasons($this->advised(), $this->job->band(), $this->job->method);
    }

    /** The methods side by side; null before the first hook-up. */
    public function methods(LoadUnit $unit): ?FiveMethods
    {
        return $this->trial === null ? null : new FiveMethods($this->posterior, $this->trial, $this->job->band(), $unit);
    }

    /** @return list<Residual> readings that the others contradict */
    public function doubtful(): array
    {
        return array_values(array_filter($this->posterior->readings, static fn (Residual $reading): bool => $reading->isFarOff()));
    }

    /** @return list<SettingForecast> the next best that may be advised */
    public function runnersUp(): array
    {
        $others = array_filter($this->advised()->ranking, fn (SettingForecast $outlook): bool => $outlook->isOpen() && $outlook->chance >= self::WORTH_SAYING && ! $outlook->setting->equals($this->advised()->outlook->setting));

        return array_slice(array_values($others), 0, 3);
    }

    /** @return array<string, int> how many settings fall out, by why */
    public function excluded(): array
    {
        return array_count_values(array_filter(array_map(static fn (SettingForecast $outlook): string => $outlook->excluded, $this->advised()->ranking), static fn (string $why): bool => $why !== ''));
    }

    private function lastTrial(): ?CurrentSetting
    {
        $on = $this->job->roundOf(Stance::Carried);
        for ($round = $on; $round >= 1; $round--) {
            $setting = $this->setting($round);
            if ($setting !== null && $this->isRead($round)) {
                $alike = array_filter(range(1, $on), fn (int $one): bool => $this->isRead($one) && $this->setting($one)?->equals($setting) === true);

                return new CurrentSetting($setting, $this->tensionOffset($setting), $this->raise($setting), count($alike));
            }
        }

        return null;
    }

    private function isRead(int $round): bool
    {
        return $this->taped->axle(Stance::Carried, Axle::Front, $round) !== null
            || $this->job->tickets->contains(static fn (WeighTicket $ticket): bool => $ticket->withdrawn_at === null && $ticket->stance === Stance::Carried && $ticket->round === $round);
    }

    /** @return list<Observation> every axle of every round; a carried one whose setting nobody wrote down tells nothing here */
    private function observations(): array
    {
        $observations = [];
        foreach (Stance::cases() as $stance) {
            for ($round = 1; $round <= $this->job->roundOf($stance); $round++) {
                $situation = $this->context($stance, $round);
                foreach (Axle::cases() as $axle) {
                    $reading = $this->taped->axle($stance, $axle, $round)?->gaussian();
                    if ($situation !== null && $reading !== null) {
                        $observations[] = new Observation($situation, $axle === Axle::Front ? Observed::FrontHeight : Observed::RearHeight, $reading->mean(), $reading->deviation(), "{$stance->value}.{$axle->value}.{$round}");
                    }
                }
                array_push($observations, ...($situation === null ? [] : $this->others($situation, $stance, $round)));
            }
        }

        return [...$observations, ...$this->tongue()];
    }

    /** @return list<Observation> what scales under the tongue say of it level */
    private function tongue(): array
    {
        $curve = (new TongueReadings($this->job, $this->described))->curve();

        return $curve === null ? [] : [new Observation(ReadingContext::dropped(), Observed::TongueWeight, $curve->level()->mean(), $curve->level()->deviation(), 'tongue weight')];
    }

    /** @return list<Observation> what else was read in a round */
    private function others(ReadingContext $situation, Stance $stance, int $round): array
    {
        $observations = [];
        foreach (MeasureKind::of($stance) as $kind) {
            $value = $this->job->measure($stance, $round, $kind)?->value;
            $observation = $value === null ? null : $this->described->inPlace()->observation($situation, $kind->observed(), $value, $this->reference());
            $observations = $observation === null ? $observations : [...$observations, $observation];
        }
        foreach ($this->job->tickets as $ticket) {
            if ($ticket->withdrawn_at === null && $ticket->stance === $stance && $ticket->round === $round) {
                array_push($observations, ...$this->ofTicket($situation, $ticket->core()));
            }
        }

        return $observations;
    }

    /** @return list<Observation> of every platform that tells something */
    private function ofTicket(ReadingContext $situation, Ticket $ticket): array
    {
        $observations = [];
        foreach ($ticket->platforms as $platform) {
            $observed = self::PLATFORMS[implode(' ', $platform->names())] ?? null;
            $observation = $observed === null ? null : $this->described->inPlace()->observation($situation, $observed, $platform->load->kilograms(), $this->reference());
            $observations = $observation === null ? $observations : [...$observations, $observation];
        }

        return $observations;
    }

    private function situation(Stance $stance, int $round): ?ReadingContext
    {
        $setting = $stance === Stance::Carried ? $this->setting($round) : null;

        return match ($stance) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped(),
            Stance::Carried => $setting === null ? null : ReadingContext::carried($this->tensionOffset($setting), $this->raise($setting)),
        };
    }

    /** Tension over that of the reference setting, mm. */
    public function tensionOffset(Setting $setting): float
    {
        return $this->adjusters->tensionBetween($this->reference(), $setting, $this->described->prior()->known()->barArm);
    }

    /** Ball over its height at the reference setting, mm. */
    public function raise(Setting $setting): float
    {
        return $this->adjusters->ballHeightBetween($this->reference(), $setting);
    }

    /** @return array{string, float}|null adjuster and step of the head */
    private function headOf(Setting $setting): ?array
    {
        foreach ($this->adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::HeadHeight) {
                return [$adjuster->key, $setting->step($adjuster->key)];
            }
        }

        return null;
    }
}
