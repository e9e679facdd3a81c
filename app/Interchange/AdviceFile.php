<?php

declare(strict_types=1);

namespace App\Interchange;

use Yoke\Advice\Advisor;
use Yoke\Advice\Policy;
use Yoke\Advice\Reasons;
use Yoke\Advice\Recommendation;
use Yoke\Advice\SettingForecast;
use Yoke\Constraint\BarRating;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\RigPrior;
use Yoke\Method\Band;
use Yoke\Method\CurrentSetting;
use Yoke\Method\FiveMethods;
use Yoke\Method\MethodView;
use Yoke\Probability\Normal;
use Yoke\Rig\Axle;
use Yoke\Statics\CoupledRig;
use Yoke\Statics\Exception\ImpossibleModel;
use Yoke\Units\Load;

/** A job with its readings as JSON (docs/formats.md, Jobs for advice): what they tell, and what to do next. */
final readonly class AdviceFile
{
    private function __construct(private JobFields $job)
    {
    }

    /** @throws BadField */
    public static function ofJson(string $json): self
    {
        return new self(new JobFields(Fields::ofJson($json)));
    }

    /** @throws BadField */
    public function advised(): string
    {
        try {
            return json_encode($this->answer(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
        } catch (ImpossibleModel $impossible) {
            throw BadField::at(CaseFile::FIELDS[$impossible->quantity()] ?? $impossible->quantity(), $impossible->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private function answer(): array
    {
        $band = $this->job->band();
        $posterior = (new Estimation($this->job->prior(), $this->job->observations()))->posterior();
        $advisor = new Advisor($this->job->adjusters(), $this->job->reference(), $band, [new BarRating(Load::ofKilograms($this->job->barRating()))], new Policy, $this->job->aim());
        $trial = $this->job->lastTrial();
        $advised = $advisor->advise($posterior, $trial?->setting, $trial === null ? 0 : $trial->readings);

        return [
            'in_band_chance' => $advised->present?->chance,
            'move' => $this->move($advised, $posterior, $band),
            'fit' => $this->fit($posterior),
            'methods' => (object) ($trial === null ? [] : $this->methods($posterior, $trial, $band)),
            'ranking' => array_map(self::ranked(...), $advised->ranking),
        ];
    }

    /** @return array<string, mixed> */
    private function move(Recommendation $advised, Posterior $posterior, Band $band): array
    {
        $outlook = $advised->outlook;
        $height = static fn (Axle $axle): float => $posterior->height($axle, static function (CoupledRig $rig, float $tension) use ($outlook, $axle): float {
            $carried = $rig->carried($tension + $outlook->tensionOffset);

            return $axle === Axle::Front ? $carried->frontRise() : $carried->rearRise();
        }, $outlook->ballOffset)->mean();

        return [
            'do' => $advised->move->value,
            'setting' => $outlook->setting->steps(),
            'chance' => $outlook->chance,
            'expect' => ['front_mm' => $height(Axle::Front), 'rear_mm' => $height(Axle::Rear), 'front_restored' => $outlook->share->mean()],
            'because' => (new Reasons($advised, $band, $this->job->aim()))->because(),
        ];
    }

    /** @return array<string, array{value: float, sd: float}> */
    private function fit(Posterior $posterior): array
    {
        $parameters = ['front_rate_kg_per_mm' => RigPrior::FRONT_RATE, 'rear_rate_kg_per_mm' => RigPrior::REAR_RATE, 'tongue_weight_kg' => RigPrior::TONGUE_WEIGHT, 'bar_rate_kg_per_mm' => RigPrior::BAR_RATE, 'tension_mm' => RigPrior::TENSION];

        return array_map(static fn (int $parameter): array => self::pair($posterior->value($parameter)), $parameters);
    }

    /** @return array<string, array<string, float|string|null>> */
    private function methods(Posterior $posterior, CurrentSetting $trial, Band $band): array
    {
        $views = (new FiveMethods($posterior, $trial, $band))->all();

        return array_column(array_map(static fn (MethodView $view): array => [
            $view->key,
            [...($view->value === null ? ['value' => null, 'sd' => null] : self::pair($view->value)), 'verdict' => $view->verdict->value],
        ], $views), 1, 0);
    }

    /** @return array<string, mixed> */
    private static function ranked(SettingForecast $outlook): array
    {
        return ['setting' => $outlook->setting->steps(), 'chance' => $outlook->chance, 'minutes' => $outlook->minutes, 'excluded' => $outlook->excluded === '' ? null : $outlook->excluded];
    }

    /** @return array{value: float, sd: float} */
    private static function pair(Normal $value): array
    {
        return ['value' => $value->mean(), 'sd' => $value->deviation()];
    }
}
