<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\ExpectedWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Job\Analysis\MethodView;
use Yoke\Job\Record\HistoryMapper;
use Yoke\Job\Record\SettingOffsets;
use Yoke\Job\Record\SheetPrior;
use Yoke\Job\Shop\ShopRules;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\MinutesToGo;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Method\Criterion;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/** A job with its readings as JSON (docs/formats.md, Jobs for advice): what they tell, and what to do next. */
final class AdviceFile
{
    private JobAnalysis $analysis;

    private StanceHeights $heights;

    /** @var list<Observation> */
    private array $observations;

    /** Minutes that a change of the small adjuster takes. */
    private int $step;

    private ShopRules $rules;

    private ObservationMapper $mapper;

    /** Whether anybody asks what looks would save. */
    private bool $hasLooks;

    private function __construct(Fields $fields, ShopSettings $shop)
    {
        $job = new JobFields($fields, $shop->rules());
        $sheets = (new FileSheets($fields, $job->rules->priors))->sheets();
        $prior = (new SheetPrior($job->rules->priors, LearnedPriors::of([])))->of($sheets, null);
        $settings = $job->settings();
        $history = (new FileHistory($fields, $job, $settings, $shop->rules()->heights))->history();
        $this->heights = $history->latestHeights();
        $this->mapper = new ObservationMapper($job->rules->priors, 0.0);
        $readings = new HistoryMapper(
            $history,
            $this->mapper,
            $settings === null
                ? null
                : new SettingOffsets($settings->adjusters, $settings->reference, $sheets->known->barArm),
            $sheets->known->wheelbase,
        );
        $current = $readings->current();
        $this->rules = $job->rules;
        $this->hasLooks = $fields->has('looks') && $fields->flag('looks');
        $this->observations = $readings->observations();
        $this->step = $settings?->adjusters->stepMinutes() ?? 0;
        $this->analysis = new JobAnalysis(
            $readings->prior($prior, $job->rules->priors->tensionUnknownMm),
            $this->observations,
            $job->goal(),
            $shop->rules()->stopping,
            $settings?->notKnowing($current?->setting?->unknown() ?? []),
            $current,
        );
    }

    /** @throws BadField */
    public static function ofJson(string $json, ShopSettings $shop): self
    {
        return new self(Fields::ofJson($json), $shop);
    }

    /**
     * @param  int  $flags  of json_encode, besides the usual
     *
     * @throws BadField
     */
    public function advised(int $flags = JSON_PRETTY_PRINT): string
    {
        try {
            return json_encode(
                $this->answer(),
                JSON_THROW_ON_ERROR |
                    JSON_UNESCAPED_SLASHES |
                    JSON_UNESCAPED_UNICODE |
                    JSON_PRESERVE_ZERO_FRACTION |
                    $flags,
            );
        } catch (ImpossibleModel $impossible) {
            throw BadField::at(
                CaseFile::FIELDS[$impossible->quantity()] ?? $impossible->quantity(),
                ExpectedWords::of($impossible->expected()),
            );
        }
    }

    /** @return array<string, mixed> */
    private function answer(): array
    {
        $recommendation = $this->analysis->recommendation();
        $verdict = $this->analysis->verdict();
        $moves = new FileMove($this->analysis, $this->observations);

        return [
            'in_band_chance' => $recommendation === null
                ? $verdict?->chances->inRange
                : $recommendation->present?->chance,
            'minutes_to_go' => $recommendation === null ? null : $this->minutes($recommendation),
            'move' => $recommendation === null
                    ? $moves->tension($this->analysis->tension())
                    : $moves->move($recommendation),
            'fit' => $this->fit(),
            'methods' => (object) $this->methods(),
            'suspects' => array_values(
                array_map(
                    self::suspect(...),
                    array_filter(
                        $this->analysis->suspects(),
                        static fn (Suspect $suspect): bool => $suspect->error !== ReadingError::ToldWrong,
                    ),
                ),
            ),
            'cautions' => AnalysisResource::cautions($this->heights),
            'ranking' => array_map(self::ranked(...), $recommendation->ranking ?? []),
            ...! $this->hasLooks
                ? []
                : ['looks' => array_map(self::look(...), $this->offers())],
        ];
    }

    /** @return array{mean: float, least: float, most: float}|null null where nothing that can be set gets there */
    private function minutes(Recommendation $recommendation): ?array
    {
        $toGo = MinutesToGo::of($recommendation, $this->step);

        return $toGo === null ? null : ['mean' => $toGo->mean, 'least' => $toGo->least, 'most' => $toGo->most];
    }

    /** @return array<string, array{value: float, sd: float}> */
    private function fit(): array
    {
        $parameters = [
            'front_rate_kg_per_mm' => RigParameter::FrontRate->value,
            'rear_rate_kg_per_mm' => RigParameter::RearRate->value,
            'tongue_weight_kg' => RigParameter::TongueWeight->value,
            'bar_rate_kg_per_mm' => RigParameter::BarRate->value,
            'tension_mm' => RigParameter::Tension->value,
        ];

        return array_map(
            fn (int $parameter): array => self::pair($this->analysis->posterior()->value($parameter)),
            $parameters,
        );
    }

    /** @return array<string, array<string, float|string|null>> */
    private function methods(): array
    {
        $methods = [];
        foreach ($this->analysis->methods() as $view) {
            $methods[$view->criterion->value] = [
                ...$view->value === null ? ['value' => null, 'sd' => null] : self::pair($view->value),
                'verdict' => $view->verdict->value,
                ...$this->afterLevelling($view),
            ];
        }

        return $methods;
    }

    /** @return array<string, float> */
    private function afterLevelling(MethodView $view): array
    {
        $verdict = $this->analysis->verdict();

        return $view->criterion !== Criterion::FrontRestoration ||
            $verdict === null ||
            $this->analysis->goal->levelling === null
            ? []
            : ['after_levelling' => $verdict->shareOnTheRoad()->mean()];
    }

    /** @return array{what: string, slip: string, chance: float} */
    private static function suspect(Suspect $suspect): array
    {
        return [
            'what' => $suspect->observation()->identity->key ?? 'setting',
            'slip' => VerdictWords::slip($suspect),
            'chance' => $suspect->chance,
        ];
    }

    /** @return list<LookOffer> */
    private function offers(): array
    {
        return $this->analysis->looks(
            $this->rules->looks,
            $this->rules->priors->tensionTapedMm,
            $this->mapper->tensionDoubtByGap(),
        );
    }

    /** @return array{what: string, how: string, minutes: float, saves_minutes: float, worth: bool} */
    private static function look(LookOffer $offer): array
    {
        return [
            'what' => $offer->what->value,
            'how' => $offer->how->value,
            'minutes' => $offer->minutes,
            'saves_minutes' => $offer->saves,
            'worth' => $offer->isWorth(),
        ];
    }

    /** @return array<string, mixed> */
    private static function ranked(SettingForecast $forecast): array
    {
        return [
            'setting' => $forecast->setting->told(),
            'chance' => $forecast->chance,
            'minutes' => $forecast->minutes,
            'excluded' => $forecast->excluded === null ? null : Text::of("exclusion.{$forecast->excluded->value}"),
        ];
    }

    /** @return array{value: float, sd: float} */
    private static function pair(Normal $value): array
    {
        return ['value' => $value->mean(), 'sd' => $value->deviation()];
    }
}
