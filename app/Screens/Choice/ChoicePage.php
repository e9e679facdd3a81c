<?php

declare(strict_types=1);

namespace App\Screens\Choice;

use App\Models\Hitch;
use App\Models\User;
use App\Screens\Plan\NeedPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Choice\ChoiceDraft;
use App\UseCases\Garage\PartModels;
use App\Words\AdviceWords;
use App\Words\ChoiceWords;
use App\Words\Figures;
use App\Words\LoadWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\BarCandidate;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\FamilyCandidate;
use Yoke\Job\Choice\HitchChoice;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Job\Choice\SeasonNeed;
use Yoke\Job\Planning\NeedAnswer;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\RigPart;

/** Does it need one, and which: before a hitch is bought. */
final class ChoicePage
{
    /** Names on a list. */
    private const MOST = 200;

    public readonly ?HitchChoice $choice;

    /** A load that no model can carry, in a sentence; an empty text where it can. */
    public readonly string $impossible;

    private ?SpecifiedRig $rig = null;

    private ?SeasonNeed $need = null;

    /** @var non-empty-list<BarCandidate>|null */
    private ?array $bars = null;

    /** Null where none of them fits. */
    private readonly ?BarCandidate $suggested;

    public readonly ChoiceWords $words;

    public readonly QuantityWords $print;

    public function __construct(
        public readonly ChoiceDraft $draft,
        private readonly User $person,
        JobAnalyses $shop,
        TargetRange $shops,
    ) {
        $this->words = new ChoiceWords($person);
        $this->print = new QuantityWords($person);
        [$this->choice, $this->impossible] = $this->chosen($shop, $shops);
        $this->suggested = $this->choice?->suggestedBars();
    }

    /** @return array{HitchChoice|null, string} */
    private function chosen(JobAnalyses $shop, TargetRange $shops): array
    {
        $this->rig = $this->draft->worked()?->described($shop->rules->priors);
        if ($this->rig === null) {
            return [null, ''];
        }
        [$light, $heavy] = array_map(
            fn (string $season) => $this->draft->loads[$season]->change($this->rig->sheets->rig, $this->draft->tanks()),
            ChoiceDraft::SEASONS,
        );
        try {
            $rules = $shop->rules;
            $choice = new HitchChoice($this->rig, $light, $heavy, $shops, $rules->tolerances, $rules->stopping);
            $this->need = $choice->need();

            return [$choice, ''];
        } catch (ImpossibleModel) {
            return [null, Text::of('choice.lifts_off')];
        }
    }

    /** @return array<int|string, string> */
    public function pickable(RigPart $part): array
    {
        return PartModels::of($part)::atHand()->orderBy('name')->limit(self::MOST)->pluck('name', 'id')->all();
    }

    /** @return array<int|string, string> hitches of the garage, then what is usual of each family and rating */
    public function hitches(): array
    {
        $own = Hitch::atHand()
            ->orderBy('name')
            ->limit(self::MOST)
            ->get()
            ->filter(
                static fn (Hitch $hitch): bool => Families::find((string) ($hitch->sheet['family'] ?? ''))
                    ?->facts()
                    ->takeUp->distributes() === true,
            )
            ->pluck('name', 'id')
            ->all();
        $usual = [];
        foreach (Families::distributing() as $family) {
            foreach ($family->hasBars() ? BarRange::usual() : [BarRange::usual()[0]] as $bars) {
                $offer = HitchOffer::usual($family, $bars);
                $usual[ChoiceDraft::keyOf($offer)] = $this->words->offer($offer);
            }
        }

        return ['' => Text::of('choice.none')] + $own + $usual;
    }

    public function need(): ?NeedPage
    {
        $policy = $this->rig?->sheets->makersWord();
        $quoted =
            $policy === null || $this->rig === null
                ? ''
                : (new AdviceWords(new SettingWords($this->rig->sheets), $this->person))->manufacturer($policy);

        return $this->need === null
            ? null
            : new NeedPage(
                $this->need->governing(),
                $this->need->dropped()->rearLoad(),
                $quoted,
                $this->print,
            );
    }

    /** Whether the vehicle's maker forbids what would be chosen. */
    public function isForbidden(): bool
    {
        return $this->need?->governing()->answer() === NeedAnswer::Forbidden;
    }

    /** @return list<array{string, string, string}> what, in the lightest and in the heaviest load state */
    public function year(): array
    {
        if ($this->need === null || $this->choice === null) {
            return [];
        }
        [$light, $heavy] = [$this->need->droppedLightest(), $this->need->droppedHeaviest()];
        [$lightShare, $heavyShare] = [$this->need->lightestShare(), $this->need->heaviestShare()];
        $tongue = fn (Load $load): string => $this->print->about($load);

        return [
            [
                Text::of('choice.year.tongue', ['doubt' => max(1, (int) round(100 * $this->choice->season->doubt()))]),
                $tongue($this->choice->season->lightestTongue()),
                $tongue($this->choice->season->heaviestTongue()),
            ],
            [
                Text::of('choice.year.share'),
                Figures::fixed(100 * $lightShare->share).' %',
                Figures::fixed(100 * $heavyShare->share).' %',
            ],
            [
                Text::of('choice.year.front'),
                $this->print->about($light->frontLoad()->negated()),
                $this->print->about($heavy->frontLoad()->negated()),
            ],
            [
                Text::of('choice.year.rear'),
                $this->print->about($light->rearLoad()),
                $this->print->about($heavy->rearLoad()),
            ],
        ];
    }

    /** Of sway: the chance that too little is on the tongue, or that there is enough. */
    public function sway(): string
    {
        $chance = $this->need?->chanceOfTooLittle() ?? 0.0;
        $much = $this->need?->heaviestShare();

        return match (true) {
            $chance >= 0.05 => ucfirst(
                Text::of('choice.sway.too_little', ['chance' => VerdictWords::chance((int) round(100 * $chance))]),
            ),
            $much !== null && ! $much->isUsual() => LoadWords::share($much),
            default => Text::of('choice.sway.enough'),
        };
    }

    /** @return list<BarCandidate> the suggested ones first */
    public function bars(): array
    {
        return $this->choice === null ? [] : ($this->bars ??= $this->choice->bars());
    }

    /** Whether these bars are suggested. */
    public function isSuggested(BarCandidate $bars): bool
    {
        return $this->suggested !== null && $bars === $this->bars()[0];
    }

    /** Whether any bars are: where none fits, none of these is the answer. */
    public function suggestsBars(): bool
    {
        return $this->suggested !== null;
    }

    /** @return list<FamilyCandidate> the best suited first */
    public function families(): array
    {
        $bars = $this->bars()[0] ?? null;

        return $this->choice === null || $bars === null
            ? []
            : $this->choice->families($bars->bars, ...$this->draft->wants);
    }

    /** @return list<HitchColumn> what is chosen to be compared, or what is suggested while nothing is */
    public function columns(): array
    {
        $choice = $this->choice;
        if ($choice === null) {
            return [];
        }
        $offers = $this->draft->offers();
        $offers =
            $offers === []
                ? array_map(
                    static fn (HitchOffer $offer): array => [$offer, null],
                    $choice->suggested($this->bars()[0]->bars, ...$this->draft->wants),
                )
                : $offers;

        return array_map(
            fn (array $offer): HitchColumn => new HitchColumn($choice->on($offer[0]), $offer[1], $this->person),
            array_values($offers),
        );
    }
}
