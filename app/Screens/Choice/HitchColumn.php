<?php

declare(strict_types=1);

namespace App\Screens\Choice;

use App\Models\User;
use App\Screens\Plan\DrawnHitch;
use App\Words\ChoiceWords;
use App\Words\FamilyWords;
use App\Words\Figures;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\HitchOnRig;
use Yoke\Job\Planning\ForetoldHeights;
use Yoke\Showing\Drawing\Elevation;

/** A hitch on the rig, beside others: what it would come to, line by line. */
final readonly class HitchColumn
{
    /** Hook-ups that are enough with this chance are said beside the expected ones. */
    private const SURE = 0.9;

    private QuantityWords $print;

    /** @param  string|null  $name  of one that stands in the garage */
    public function __construct(private HitchOnRig $hitch, private ?string $name, private User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public function name(): string
    {
        return $this->name ?? (new ChoiceWords($this->person))->offer($this->hitch->offer);
    }

    /** The rig as it would stand carried, drawn. */
    public function elevation(): Elevation
    {
        $plan = $this->hitch->plan();

        return new Elevation(
            $this->hitch->rig->sheets->rig,
            (new ForetoldHeights($plan->dropped(), $plan->carried()))->fromUsual(),
            1.0,
            (new DrawnHitch($this->hitch->rig, $plan))->set($plan->carried()),
        );
    }

    /** @return array<string, string> by the key of its line */
    public function lines(): array
    {
        $words = new SettingWords($this->hitch->rig->sheets);
        $reach = $this->hitch->reach();
        $taped = $this->hitch->firstChanceTaped();
        $held = $this->hitch->chanceHeld();
        $hookUps = $this->hitch->hookUps();
        $step = $this->hitch->stepWorth();
        $load = fn (float $kilograms): string => $this->print->aboutChange(Load::ofKilograms($kilograms));

        return [
            'reach' => Text::of($reach->high > 1.0 ? 'choice.line.reach_all' : 'choice.line.reach_to', [
                'from' => $this->print->percent($reach->low),
                'to' => $this->print->percent($reach->high),
            ]),
            'step' => Text::of('choice.line.step', [
                'front' => $load($step->front),
                'rear' => $load($step->rear),
                'trailer' => $load($step->trailer),
            ]),
            'bars' => $this->hitch->offer->bars === null
                    ? Text::of($this->hitch->offer->family->hasBars() ? 'choice.line.no_rating' : 'choice.line.no_bars')
                    : (new ChoiceWords($this->person))->range($this->hitch->offer->bars),
            'held' => $held === null
                    ? '–'
                    : ucfirst(
                        Text::of('choice.line.held', ['chance' => VerdictWords::chance((int) round(100 * $held))]),
                    ),
            'first' => Text::of('choice.line.first', [
                'setting' => $words->of($this->hitch->firstSetting()),
                'chance' => VerdictWords::chance((int) round(100 * $this->hitch->firstChance())),
            ]).
                ($taped === null
                    ? ''
                    : ' '.
                        ucfirst(
                            Text::of('choice.line.taped', [
                                'chance' => VerdictWords::chance((int) round(100 * $taped)),
                            ]),
                        )),
            'year' => Text::of('choice.line.year', [
                'light' => $this->print->percent($this->hitch->restoredLightest()),
                'heavy' => $this->print->percent($this->hitch->restoredHeaviest()),
            ]),
            'hook_ups' => Text::of('choice.line.hook_ups', [
                'mean' => Figures::fixed($hookUps->mean()),
                'most' => $hookUps->enoughWith(self::SURE),
                'minutes' => (int) round($this->hitch->minutes()),
            ]),
            'clearance' => $this->hitch->tipClearance() === null
                    ? Text::of('choice.line.clearance_unknown')
                    : $this->print->length($this->hitch->tipClearance()),
            'sway' => ucfirst((new FamilyWords($this->hitch->offer->family))->sway()),
        ];
    }
}
