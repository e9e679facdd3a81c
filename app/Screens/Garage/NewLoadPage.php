<?php

declare(strict_types=1);

namespace App\Screens\Garage;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\User;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Garage\PartModels;
use App\UseCases\Jobs\NewLoad;
use App\Words\Figures;
use App\Words\GaugeWords;
use App\Words\HeadWords;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Specification\RigPart;

/** A hitch put to another load: what its gauge or its first setting is then, and how the head goes back together. */
final readonly class NewLoadPage
{
    /** Hitches on the list, those used last first. */
    private const MOST = 60;

    public ?PlanPage $plan;

    private QuantityWords $print;

    private ?RigSnapshot $worked;

    public function __construct(
        public NewLoad $load,
        private User $person,
        private JobAnalyses $analyses,
        private TargetRange $shops,
    ) {
        $this->worked = $load->worked();
        $this->plan = $this->worked === null ? null : PlanPage::ofRig($load->rig(), $person, $analyses);
        $this->print = new QuantityWords($person);
    }

    /** @return list<array{Hitch, Rig|null}> the hitches at hand with the rig that each was on last */
    public static function hitches(): array
    {
        $last = Job::query()
            ->join('rigs', 'rigs.id', '=', 'jobs.rig_id')
            ->groupBy('rigs.hitch_id')
            ->selectRaw('rigs.hitch_id, max(jobs.id) as last')
            ->pluck('last', 'hitch_id');
        $hitches = Hitch::atHand()
            ->orderBy('name')
            ->get()
            ->sortByDesc(static fn (Hitch $hitch): int => (int) $last->get($hitch->id, 0))
            ->take(self::MOST);

        return array_values($hitches->map(static fn (Hitch $hitch): array => [$hitch, self::lastRig($hitch)])->all());
    }

    /** The rig that a hitch was on last. */
    public static function lastRig(Hitch $hitch): ?Rig
    {
        return self::lastJob($hitch)->rig ??
            Rig::query()
                ->with(['vehicle', 'trailer'])
                ->where('hitch_id', $hitch->id)
                ->latest('id')
                ->first();
    }

    private static function lastJob(Hitch $hitch): ?Job
    {
        return Job::query()
            ->with(['rig.vehicle', 'rig.trailer'])
            ->whereHas('rig', static fn ($rig) => $rig->where('hitch_id', $hitch->id))
            ->latest('id')
            ->first();
    }

    /** @return array<int|string, string> */
    public function pickable(RigPart $part): array
    {
        return PartModels::of($part)::atHand()->orderBy('name')->pluck('name', 'id')->all();
    }

    public function tongueWeight(): string
    {
        $kilograms = $this->load->trailer->sheet['tongue_weight_kg'] ?? null;

        return is_numeric($kilograms) ? $this->print->load(Load::ofKilograms((float) $kilograms)) : '';
    }

    /** What the gauge is to show; null on a hitch without one, and for a pair that cannot be. */
    public function gauge(): ?GaugeWords
    {
        $described = $this->plan?->described;
        $small = $described?->sheets->adjusters()?->turnedLoaded();
        if ($this->worked === null || $described === null || $small === null) {
            return null;
        }
        $goal = $described->goal($this->shops, Criterion::BallLoad, $this->analyses->rules->tolerances);
        $analysis = new JobAnalysis($described->prior(), [], $goal, $this->analyses->rules->stopping, null, null);

        return new GaugeWords($analysis->gauge(), $this->worked->core(), $this->person);
    }

    /** @return list<string> what does not go together */
    public function cautions(): array
    {
        $other = $this->worked?->makersOfAnotherLoad();
        $gauge = $this->gauge();

        return [
            ...$other === null || $gauge === null ? [] : [$gauge->anotherLoad($other)],
            ...$gauge?->cautions($this->plan?->described->inPlace()->barRating()) ?? [],
        ];
    }

    /** How the head is to be bolted for this pair; null where the shank or a height is not known. */
    public function place(): ?ShankPlace
    {
        return $this->plan?->plan->shankPlaces()[0] ?? null;
    }

    /** The same in a sentence; an empty text where it is not known. */
    public function head(): string
    {
        $place = $this->place();

        return $place === null
            ? ''
            : Text::choice('gauge.head', $place->holesVisible, [
                'place' => lcfirst(HeadWords::place($place)),
                'height' => $this->print->length($place->ballHeight),
            ]);
    }

    /** How it was bolted last, in a sentence; an empty text where nobody recorded it. */
    public function bolted(): string
    {
        $job = self::lastJob($this->load->hitch);
        $place = $job?->head_place;

        return $job === null || $place === null
            ? ''
            : Text::of('gauge.bolted', [
                'place' => lcfirst(
                    Text::of("head.place.{$place['turned']}", ['hole' => Figures::short($place['hole'])]),
                ),
                'job' => $job->title,
            ]);
    }
}
