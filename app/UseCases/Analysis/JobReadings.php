<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\WeighTicket;
use App\UseCases\Tape\TapedHeights;
use Yoke\Adjuster\Setting;
use Yoke\CoreException;
use Yoke\Estimation\Reading\HookUp;
use Yoke\Estimation\Reading\Observation;
use Yoke\Estimation\Reading\ReadingContext;
use Yoke\Estimation\Reading\ReadingIdentity;
use Yoke\Method\CurrentSetting;
use Yoke\Planning\DescribedRig;
use Yoke\Readings\Height\TapedHeight;
use Yoke\Readings\ObservationMapper;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;

/** What was read in a job, of every stance and hook-up, as the fit takes it. */
final class JobReadings
{
    private ObservationMapper $mapper;

    private ?CurrentSetting $current = null;

    private bool $isLooked = false;

    /** @var list<Observation>|null */
    private ?array $observations = null;

    /**
     * @param  Setting|null  $reference  null while the hitch's family is not known
     * @param  float  $barArm  mm
     */
    public function __construct(private readonly Job $job, private readonly DescribedRig $described, private readonly TapedHeights $taped, private readonly ?Setting $reference, private readonly float $barArm)
    {
        $this->mapper = $described->inPlace()->mapper($reference ?? Setting::of([]));
    }

    /** The latest hook-up in which anything was read; null before the first. */
    public function current(): ?CurrentSetting
    {
        if (! $this->isLooked) {
            $this->isLooked = true;
            $this->current = $this->latest();
        }

        return $this->current;
    }

    /** @return list<Observation> where nobody knows the setting that is on, of the other hook-ups nothing */
    public function observations(): array
    {
        if ($this->observations !== null) {
            return $this->observations;
        }
        $isUnknown = $this->current() !== null && $this->current()->setting === null;
        [$observations, $heights] = [$this->tongue(), []];
        foreach (Stance::cases() as $stance) {
            $on = $this->job->roundOf($stance);
            for ($hookUp = 1; $hookUp <= $on; $hookUp++) {
                $context = $stance === Stance::Carried && $isUnknown ? ($hookUp === $this->latestRead() ? ReadingContext::carried(0.0) : null) : $this->context($stance, $hookUp);
                if ($context !== null) {
                    array_push($heights, ...$this->heights($context, $stance, $hookUp));
                    array_push($observations, ...$this->others($context, $stance, $hookUp));
                }
            }
        }

        return $this->observations = [...$this->mapper->heights($heights), ...$observations];
    }

    private function latest(): ?CurrentSetting
    {
        $latest = $this->latestRead();
        $setting = $latest === null ? null : $this->setting($latest);
        if ($latest === null || $setting === null) {
            return $latest === null ? null : CurrentSetting::unknown(1);
        }
        $book = $this->job->roundBook();
        $alike = array_filter(range(1, $latest), fn (int $one): bool => $this->isRead($one) && $book->hookUpOf($one) === $book->hookUpOf($latest));

        return new CurrentSetting($setting, $this->tensionOffset($setting), $this->ballOffset($setting), count($alike), $book->hookUpOf($latest));
    }

    private function latestRead(): ?int
    {
        for ($hookUp = $this->job->roundOf(Stance::Carried); $hookUp >= 1; $hookUp--) {
            if ($this->isRead($hookUp)) {
                return $hookUp;
            }
        }

        return null;
    }

    private function isRead(int $hookUp): bool
    {
        return $this->taped->axle(Stance::Carried, Axle::Front, $hookUp) !== null
            || $this->taped->axle(Stance::Carried, Axle::Rear, $hookUp) !== null
            || $this->ticketsOf(Stance::Carried, $hookUp) !== []
            || array_filter(MeasureKind::of(Stance::Carried), fn (MeasureKind $kind): bool => $this->job->measure(Stance::Carried, $hookUp, $kind) !== null) !== [];
    }

    private function context(Stance $stance, int $hookUp): ?ReadingContext
    {
        $setting = $stance === Stance::Carried ? $this->setting($hookUp) : null;

        return match ($stance) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped(),
            Stance::Carried => $setting === null ? null : ReadingContext::carried($this->tensionOffset($setting), $this->ballOffset($setting), $this->hookUp($hookUp)),
        };
    }

    /** The hook-up that a carried round belongs to. */
    private function hookUp(int $round): HookUp
    {
        $book = $this->job->roundBook();
        $number = $book->hookUpOf($round);

        return $book->isCounted($number) ? HookUp::counted($number) : HookUp::ofSteps($number, $this->described->adjusters()?->tensionStep() ?? 0.0);
    }

    /** @return list<TapedHeight> */
    private function heights(ReadingContext $context, Stance $stance, int $hookUp): array
    {
        $heights = [];
        foreach (Axle::cases() as $axle) {
            $height = $this->taped->axle($stance, $axle, $hookUp);
            if ($height !== null) {
                $identity = ReadingIdentity::height("{$stance->value}.{$axle->value}.{$hookUp}", $hookUp, $this->taped->unitOf($stance, $axle, $hookUp), (string) $hookUp);
                $heights[] = new TapedHeight($context, $axle, $height, $identity, $stance === Stance::Carried ? $this->job->roundBook()->setBy($hookUp) : null);
            }
        }

        return $heights;
    }

    /** @return list<Observation> what was read besides the fenders */
    private function others(ReadingContext $context, Stance $stance, int $hookUp): array
    {
        $observations = [];
        foreach (MeasureKind::of($stance) as $kind) {
            $measure = $this->job->measure($stance, $hookUp, $kind);
            $observation = $measure?->value === null ? null : $this->measure($context, $kind, $measure, $measure->value, $hookUp);
            $observations = $observation === null ? $observations : [...$observations, $observation];
        }
        foreach ($this->ticketsOf($stance, $hookUp) as $ticket) {
            array_push($observations, ...$this->mapper->ticket($context, $ticket->core(), "ticket {$ticket->id}", $hookUp));
        }

        return $observations;
    }

    /** Null of what says nothing by itself: a vehicle's angle alone, or without the one alone. */
    private function measure(ReadingContext $context, MeasureKind $kind, Measure $measure, float $value, int $hookUp): ?Observation
    {
        $key = "{$measure->stance->value}.{$kind->value}.{$hookUp}";

        return match ($kind) {
            MeasureKind::Coupler => $this->mapper->coupler($context, $value, $key, $hookUp, $measure->lengthUnit()),
            MeasureKind::BallLoad => $this->mapper->ballLoad($context, $value, $key, $hookUp, $measure->loadUnit()),
            MeasureKind::BarGap => $this->mapper->barGap($context, $value, $key, $hookUp, $measure->lengthUnit()),
            MeasureKind::VehicleAngle => $this->vehicleAngle($context, $value, $key, $hookUp),
            MeasureKind::TrailerAngle => $this->mapper->trailerAngle($context, $value, $key, $hookUp),
            MeasureKind::FrontAxle, MeasureKind::RearAxle, MeasureKind::TrailerAxles => $this->mapper->axleLoad($context, $kind->observed(), $value, $key, $hookUp, $measure->loadUnit()),
        };
    }

    private function vehicleAngle(ReadingContext $context, float $degrees, string $key, int $hookUp): ?Observation
    {
        $alone = $this->job->measure(Stance::Alone, $this->job->roundOf(Stance::Alone), MeasureKind::VehicleAngle)?->value;

        return $alone === null || $context->stance === Stance::Alone ? null : $this->mapper->vehicleAngle($context, $degrees, $alone, $this->described->prior()->known()->wheelbase, $key, $hookUp);
    }

    /** @return list<WeighTicket> */
    private function ticketsOf(Stance $stance, int $hookUp): array
    {
        return array_values($this->job->tickets->filter(static fn (WeighTicket $ticket): bool => $ticket->withdrawn_at === null && $ticket->isPlain() && $ticket->stance === $stance && $ticket->round === $hookUp)->all());
    }

    /** @return list<Observation> what scales under the tongue say of it level */
    private function tongue(): array
    {
        $readings = new TongueReadings($this->job, $this->described);
        $curve = $readings->curve();

        return $curve === null ? [] : [$this->mapper->tongueWeight($curve->level(), 'tongue', $readings->unit())];
    }

    private function setting(int $hookUp): ?Setting
    {
        $steps = $this->job->settingOf($hookUp);
        try {
            return $steps === null || $this->reference === null ? null : $this->described->adjusters()?->setting($steps);
        } catch (CoreException) {
            return null;
        }
    }

    private function tensionOffset(Setting $setting): float
    {
        return $this->reference === null ? 0.0 : $this->described->adjusters()?->tensionBetween($this->reference, $setting, $this->barArm) ?? 0.0;
    }

    private function ballOffset(Setting $setting): float
    {
        return $this->reference === null ? 0.0 : $this->described->adjusters()?->ballHeightBetween($this->reference, $setting) ?? 0.0;
    }
}
