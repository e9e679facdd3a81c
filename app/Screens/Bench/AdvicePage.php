<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\User;
use App\UseCases\Analysis\JobAnalysis;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Action;
use Yoke\Advice\Diagnosis;
use Yoke\Advice\Finding;
use Yoke\Advice\SettingForecast;
use Yoke\Estimation\ReadingError;
use Yoke\Estimation\Residual;
use Yoke\Estimation\RigPrior;
use Yoke\Method\MethodView;
use Yoke\Planning\Check;
use Yoke\Planning\Proof;
use Yoke\Probability\Normal;
use Yoke\Rig\Axle;
use Yoke\Statics\CoupledRig;
use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\Term;

/** What a job's readings tell and what to do next, in a person's words and units. */
final readonly class AdvicePage
{
    public SettingWords $words;

    private QuantityWords $print;

    public function __construct(public JobAnalysis $workup, private User $person)
    {
        $this->words = new SettingWords($workup->described);
        $this->print = new QuantityWords($person);
    }

    /** The next move in one sentence. */
    public function move(): string
    {
        $advised = $this->workup->advised();
        $setting = $advised->outlook->setting;
        $on = $this->workup->trial?->setting;

        return match ($advised->move) {
            Action::Set => $on === null ? $this->hookUp($setting) : "Go to {$this->words->of($setting, $on)}: {$this->words->change($on, $setting)}.",
            Action::Stop => 'Stop here: leave it at '.$this->words->of($setting).'.',
            Action::ReadAgain => 'Roll forward and back and read again at '.$this->words->of($setting).'.',
            Action::Cannot => 'No setting of this hitch can be advised.',
        };
    }

    /** The first hook-up: of a return visit where it was left, corrected for what travels now. */
    private function hookUp(Setting $advised): string
    {
        return "Hook up at {$this->words->of($advised)}".($this->workup->start()?->equals($advised) === true ? ': as it was left last time, corrected for what travels now.' : '.');
    }

    /** A chance in words: nothing is ever quite sure. */
    public function chance(SettingForecast|Finding $of): string
    {
        $percent = (int) round(100 * $of->chance);

        return match (true) {
            $percent >= 100 => 'over 99 %',
            $percent <= 0 => 'under 1 %',
            default => "{$percent} %",
        };
    }

    /** A fender height at the setting of the next move, with its doubt. */
    public function expected(Axle $axle): string
    {
        $height = $this->height($this->workup->advised()->outlook->setting, $axle);

        return "{$this->print->height($height->mean())} {$this->print->doubt($height)}";
    }

    /** What a setting that is tried on the drawing would read. */
    public function trying(Setting $setting): string
    {
        $read = fn (Axle $axle): string => $this->print->height($this->height($setting, $axle)->mean());

        return ucfirst($this->words->of($setting, $this->workup->reference()))." on the drawing: front {$read(Axle::Front)}, rear {$read(Axle::Rear)}.";
    }

    public function name(SettingForecast $outlook): string
    {
        return $this->words->of($outlook->setting, $this->workup->reference());
    }

    /** A reading that the others contradict, with the slip that fits. */
    public function doubtful(Residual $reading): string
    {
        [$stance, $axle] = explode('.', $reading->observation->name) + ['', ''];
        $expected = $this->print->height($reading->observation->value - $reading->off);
        $which = $stance === 'carried' ? "the {$axle} fender of this trial" : "the {$axle} fender {$stance}";
        $slip = ReadingError::likeliest($reading)->value;

        return 'Read '.$which." again: all the other readings say about {$expected}, it says {$this->print->height($reading->observation->value)}. Perhaps {$slip}.";
    }

    public function methodName(MethodView $view): string
    {
        return ucfirst(str_replace('_', ' ', $view->key));
    }

    public function methodValue(MethodView $view): string
    {
        $value = $view->value;

        return match (true) {
            $value === null => '–',
            in_array($view->key, ['front_restoration', 'axle_scale'], true) => sprintf('%d ± %d %%', round(100 * $value->mean()), round(100 * $value->deviation())),
            $view->key === 'ball_load' => "{$this->print->load(Load::ofKilograms($value->mean()))} ± {$this->print->load(Load::ofKilograms($value->deviation()))}",
            default => "{$this->print->change($value->mean())} {$this->print->doubt($value)}",
        };
    }

    /** @return list<array{string, string, string}> what, its value with doubt, what it is worth */
    public function rig(): array
    {
        $posterior = $this->workup->posterior;
        $springs = fn (string $which, int $parameter): array => [
            "{$which} springs",
            sprintf('%.1f ± %.1f kg/mm', $posterior->value($parameter)->mean(), $posterior->value($parameter)->deviation()),
            "1 mm for each {$this->print->load(Load::ofKilograms($posterior->value($parameter)->mean()))}",
        ];
        $tongue = $posterior->predict(static fn (CoupledRig $rig): float => $rig->trailer()->tongueWeight);
        $bar = $posterior->value(RigPrior::BAR_RATE);
        $tension = $posterior->value(RigPrior::TENSION);
        $gross = Load::ofKilograms($posterior->rig()->trailer()->weight);

        return [
            $springs('Front', RigPrior::FRONT_RATE),
            $springs('Rear', RigPrior::REAR_RATE),
            ['Tongue weight', "{$this->print->load(Load::ofKilograms($tongue->mean()))} ± {$this->print->load(Load::ofKilograms($tongue->deviation()))}", sprintf('%.1f %% of gross, %s', 100 * $tongue->mean() / $gross->kilograms(), $this->print->load($gross))],
            ['One spring bar', sprintf('%.1f ± %.1f kg/mm', $bar->mean(), $bar->deviation()), 'at its hook-up point'],
            ['Tension of '.$this->words->of($this->workup->reference()), "{$this->print->change($tension->mean())} {$this->print->doubt($tension)}", 'how far it bends the bars of itself'],
            ['Front fender alone', $this->print->height($posterior->heightAlone(Axle::Front)->mean()), $this->print->doubt($posterior->heightAlone(Axle::Front))],
            ['Rear fender alone', $this->print->height($posterior->heightAlone(Axle::Rear)->mean()), $this->print->doubt($posterior->heightAlone(Axle::Rear))],
        ];
    }

    /** @return list<array{Check, string}>|null what is looked at before the setting is left alone, and how it stands */
    public function checks(): ?array
    {
        $trial = $this->workup->trial;
        $rating = $this->workup->described->inPlace()->barRating();

        return $trial === null ? null : array_map(fn (Check $check): array => [$check, $check->stands instanceof Length ? $this->print->length($check->stands) : $this->print->term(new Term('', $check->stands))], (new Proof($this->workup->posterior, $trial, $rating, $this->workup->described->inPlace()->barHang()))->checks());
    }

    /** @return list<Finding>|null null before the first hook-up */
    public function findings(): ?array
    {
        $trial = $this->workup->trial;

        return $trial === null ? null : (new Diagnosis($this->workup->posterior, $trial, $this->workup->band(), $this->workup->described->obstacles()))->findings();
    }

    /** A fender's height at a setting. */
    public function height(Setting $setting, Axle $axle): Normal
    {
        $tensionOffset = $this->workup->tensionOffset($setting);

        return $this->workup->posterior->height($axle, static function (CoupledRig $rig, float $tension) use ($tensionOffset, $axle): float {
            $carried = $rig->carried($tension + $tensionOffset);

            return $axle === Axle::Front ? $carried->frontRise() : $carried->rearRise();
        }, $this->workup->raise($setting));
    }

    /**
     * What can be set on the hitch, standing as a round has it; else as advised.
     *
     * @return list<array{key: string, label: string, on: float, options: list<array{float, string}>}>
     */
    public function settingFields(int $round): array
    {
        $setting = $this->workup->setting($round) ?? $this->workup->advised()->outlook->setting;

        return array_map(fn (Adjuster $adjuster): array => [
            'key' => $adjuster->key,
            'label' => ucfirst($adjuster->key),
            'on' => $setting->step($adjuster->key),
            'options' => array_map(fn (float $step): array => [$step, $this->words->step($adjuster, $step)], $adjuster->range->all()),
        ], $this->words->adjusters());
    }
}
