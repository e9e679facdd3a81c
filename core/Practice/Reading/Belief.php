<?php

declare(strict_types=1);

namespace Yoke\Practice\Reading;

use Yoke\Advice\Policy;
use Yoke\Analysis\JobAnalysis;
use Yoke\Estimation\Reading\HookUp;
use Yoke\Estimation\Reading\Observation;
use Yoke\Estimation\Reading\Observed;
use Yoke\Estimation\Reading\ReadingContext;
use Yoke\Estimation\Reading\ReadingIdentity;
use Yoke\Method\CurrentSetting;
use Yoke\Planning\DescribedRig;
use Yoke\Practice\Exercise\HiddenRig;
use Yoke\Practice\Exercise\HitchPlace;
use Yoke\Practice\Run\Run;
use Yoke\Probability\Normal;
use Yoke\Readings\Height\HeightDoubt;
use Yoke\Readings\Height\SetBy;
use Yoke\Readings\Height\Settling;
use Yoke\Readings\Height\TapedHeight;
use Yoke\Readings\ObservationMapper;
use Yoke\Rig\Stance;
use Yoke\Units\Length;

/** What a learner's readings tell, as they would of a real job: nothing of the hidden truth goes into it. */
final readonly class Belief
{
    /** A scale under the tongue, a share of what it shows. */
    private const SCALE = 0.02;

    private const AXLES = ['front' => Observed::FrontLoad, 'rear' => Observed::RearLoad, 'trailer' => Observed::TrailerLoad];

    private DescribedRig $told;

    private ObservationMapper $mapper;

    public function __construct(private Run $run)
    {
        $this->told = $run->exercise->told($run->situation()->hitch);
        $this->mapper = $this->told->inPlace()->mapper($run->exercise->reference);
    }

    /** The head stays where it was bolted: that is for whoever looks at the ball. */
    public function analysis(): JobAnalysis
    {
        $settings = $this->told->settings($this->run->exercise->reference)?->headAsIn($this->run->situation()->hitch->setting);

        return new JobAnalysis($this->told->prior(), $this->observations(), $this->run->exercise->goal(), new Policy, $settings, $this->current());
    }

    /** @return list<Observation> of what still counts */
    public function observations(): array
    {
        $heights = [];
        foreach ($this->run->heights() as $i => $height) {
            if (! $height->isSpoiled) {
                $spring = $this->run->exercise->hidden->springs[$height->axle->value];
                $reading = (new HeightDoubt)->reading(Length::ofMillimetres($height->read), $spring, $height->isRolled ? Settling::Rolled : Settling::NotRolled);
                $identity = ReadingIdentity::height("height {$i}", max(1, $height->hookUp), standing: (string) $height->standing);
                $heights[] = new TapedHeight($this->context($height->stance, $height->hitch, $height->hookUp), $height->axle, $reading, $identity, $height->stance === Stance::Carried ? SetBy::Jack : null);
            }
        }
        $loads = [];
        foreach ($this->run->weights() as $i => $weight) {
            array_push($loads, ...($weight->isSpoiled ? [] : $this->loads($weight, "weight {$i}")));
        }

        return [...$this->mapper->heights($heights), ...$loads];
    }

    /** The hook-up that was read last; null before anything was. */
    public function current(): ?CurrentSetting
    {
        $read = array_values(array_filter($this->run->heights(), static fn (TakenHeight $height): bool => $height->stance === Stance::Carried && ! $height->isSpoiled));
        $last = $read[count($read) - 1] ?? null;
        if ($last === null) {
            return null;
        }
        $standings = [];
        foreach ($read as $height) {
            $standings += $height->hookUp === $last->hookUp ? [$height->standing => true] : [];
        }

        return new CurrentSetting($last->hitch->setting, $this->tensionOffset($last->hitch), $this->ballOffset($last->hitch), count($standings), $last->hookUp);
    }

    /** @return list<Observation> */
    private function loads(TakenWeight $weight, string $key): array
    {
        $context = $this->context($weight->stance, $weight->hitch, $weight->hookUp);
        $observations = [];
        foreach ($weight->kg as $what => $kilograms) {
            $observations[] = match ($what) {
                'tongue' => $this->mapper->tongueWeight(Normal::of($kilograms, self::SCALE * $kilograms), $key),
                'ball' => $this->mapper->ballLoad($context, $kilograms, $key, max(1, $weight->hookUp)),
                default => $this->mapper->axleLoad($context, self::AXLES[$what] ?? Observed::TrailerLoad, $kilograms, "{$key} {$what}", max(1, $weight->hookUp)),
            };
        }

        return $observations;
    }

    private function context(Stance $stance, HitchPlace $hitch, int $hookUp): ReadingContext
    {
        return match ($stance) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped($this->ballOffset($hitch)),
            Stance::Carried => ReadingContext::carried($this->tensionOffset($hitch), $this->ballOffset($hitch), HookUp::counted(max(1, $hookUp))),
        };
    }

    private function tensionOffset(HitchPlace $hitch): float
    {
        return $this->run->exercise->adjusters->tensionBetween($this->run->exercise->reference, $hitch->setting, $this->told->prior()->known()->barArm);
    }

    /** Over the reference setting with the shank as it stands now, mm. */
    private function ballOffset(HitchPlace $hitch): float
    {
        $turned = (int) $hitch->isTurned - (int) $this->run->situation()->hitch->isTurned;

        return $this->run->exercise->adjusters->ballHeightBetween($this->run->exercise->reference, $hitch->setting) + $turned * HiddenRig::SHANK_MM;
    }
}
