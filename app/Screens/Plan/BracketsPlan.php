<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Words\BracketWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\SettingForecast;

/** Where the brackets go, how high they are bolted, how bars and chains then hang, and where the data sheet starts. */
final readonly class BracketsPlan
{
    private BracketWords $words;

    public function __construct(private SpecifiedRig $described, private RigPlan $plan, private QuantityWords $print)
    {
        $this->words = new BracketWords($print);
    }

    private function isChain(): bool
    {
        return $this->described->sheets->family()?->facts()->takeUp->isChain() === true;
    }

    /** Where they go, in a sentence. */
    public function place(): string
    {
        return $this->words->place($this->described->inPlace()->bracketPlace());
    }

    /**
     * How many holes show above the frame: the data sheet's, else worked out; an empty text for chains, or where
     * neither tells.
     */
    public function holes(): string
    {
        $holes = $this->isChain() ? null : $this->described->inPlace()->bracketHoles();
        $sheets = $this->isChain() ? null : $this->described->inPlace()->holesShowing();
        $said = [
            $sheets === null ? '' : Text::choice('bars.holes.sheet', $sheets),
            $holes === null
                ? ''
                : Text::choice($sheets === null ? 'bars.holes.worked_out' : 'bars.holes.beside', $holes->showing(), [
                    'level' => $this->level($holes->lower()),
                ]),
        ];

        return implode(' ', array_filter($said));
    }

    private function level(Length $lower): string
    {
        $millimetres = $lower->millimetres();
        $key = match (true) {
            abs($millimetres) < 1.0 => 'level',
            $millimetres > 0.0 => 'lower',
            default => 'higher',
        };

        return Text::of("bars.holes.{$key}", ['by' => $this->print->length($lower->absolute())]);
    }

    /** How the chains hang at a setting, in a sentence; an empty text where there are none, or it cannot be told. */
    public function chains(SettingForecast $chance): string
    {
        $lean = $this->isChain() ? $this->plan->chainLean($chance->setting) : null;

        return $lean === null ? '' : $this->words->lean($lean);
    }

    /** Bar tips above the ground at a setting, carried as planned; null where frame or chain was not taped. */
    public function clearance(SettingForecast $forecast): ?Length
    {
        return $this->described->inPlace()->barHang()?->clearance($forecast->setting, $forecast->stance->carried);
    }

    /** How far the rear rises while it is jacked for the bars to go on by hand, in a sentence; or an empty text. */
    public function jacked(SettingForecast $forecast): string
    {
        $rise = $this->plan->rearRiseJacked($forecast->setting);

        return $rise === null
            ? ''
            : Text::of($rise->millimetres() < 0.0 ? 'bars.jacked.below' : 'bars.jacked.over', [
                'rise' => $this->print->length($rise->absolute()),
            ]);
    }

    /** Where the data sheet starts, in a sentence; an empty text where it does not say. */
    public function sheetStart(): string
    {
        $adjusters = $this->described->sheets->adjusters();
        $setting = $adjusters === null ? null : $this->described->sheetStart()->setting($adjusters);

        return $setting === null
            ? ''
            : Text::of('bars.sheet_start', ['setting' => (new SettingWords($this->described->sheets))->of($setting)]);
    }
}
