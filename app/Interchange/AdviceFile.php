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
use Yoke\Job\Shop\ShopSettings;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\LookMinutes;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\MinutesToGo;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Judgement\Method\Criterion;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Rig\Parts\Axle;

/** A job with its readings as JSON (docs/formats.md, Jobs for advice): what they tell, and what to do next. */
final class AdviceFile
{
    private JobAnalysis $analysis;

    private StanceHeights $heights;

    /** @var list<Observation> */
    private array $observations;

    /** Minutes that a change of the small adjuster takes. */
    private int $step;

    /** What looks cost; null where nobody asks for them. */
    private ?LookMinutes $looks;

    private function __construct(Fields $fields, ShopSettings $shop)
    {
        $job = new JobFields($fields, $shop->rules());
        $sheets = (new FileSheets($fields, $job->rules->priors))->sheets();
        $prior = (new SheetPrior($job->rules->priors, LearnedPriors::of([])))->of($sheets, null);
        $settings = $job->settings();
        $history = (new FileHistory($fields, $job, $settings, $shop->rules()->heights))->history();
        $this->heights = $history->latestHeights();
        $readings = new HistoryMapper(
            $history,
            new ObservationMapper($job->rules->priors, 0.0),
            $settings === null
                ? null
                : new SettingOffsets($settings->adjusters, $settings->reference, $sheets->known->barArm),
            $sheets->known->wheelbase,
        );
        $current = $readings->current();
        $this->looks = $fields->has('looks') && $fields->flag('looks') ? $shop->rules()->looks : null;
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

        return [
            'in_band_chance' => $recommendation === null
                ? $verdict?->chances->inRange
                : $recommendation->present?->chance,
            'minutes_to_go' => $recommendation === null ? null : $this->minutes($recommendation),
            'move' => $recommendation === null
                    ? $this->tension($this->analysis->tension())
                    : $this->move($recommendation),
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
            ...$this->looks === null
                ? []
                : ['looks' => array_map(self::look(...), $this->analysis->looks($this->looks))],
        ];
    }

    /** @return array<string, mixed> */
    private function move(Recommendation $recommendation): array
    {
        $forecast = $recommendation->forecast;

        return [
            'do' => $recommendation->action->value,
            ...$recommendation->action === Action::ReadAgain
                ? [
                    'what' => ($recommendation->look ?? Recheck::Carried)->value,
                    'how' => $recommendation->way->value,
                ]
                : [],
            'setting' => $forecast->setting->told(),
            'chance' => $forecast->chance,
            'expect' => $this->expected($forecast),
            'because' => $this->because($recommendation),
        ];
    }

    /** @return array<string, float|null> heights, each with its doubt; null of a fender that nobody taped */
    private function expected(SettingForecast $forecast): array
    {
        $height = fn (Axle $axle): Normal => $this->analysis
            ->posterior()
            ->carriedHeight($axle, $forecast->tensionOffset, $forecast->ballOffset);

        return [
            ...$this->heightsOf($height(Axle::Front), $height(Axle::Rear)),
            'front_restored' => $forecast->share()->mean(),
            'front_restored_sd' => $forecast->share()->deviation(),
        ];
    }

    /** @return array<string, float|null> each with its doubt; null of a fender that nobody taped */
    private function heightsOf(Normal $front, Normal $rear): array
    {
        $heights = [];
        foreach ([[Axle::Front, $front], [Axle::Rear, $rear]] as [$axle, $height]) {
            $isTaped = $this->isTaped($axle);
            $heights["{$axle->value}_mm"] = $isTaped ? $height->mean() : null;
            $heights["{$axle->value}_mm_sd"] = $isTaped ? $height->deviation() : null;
        }

        return $heights;
    }

    private function isTaped(Axle $axle): bool
    {
        foreach ($this->observations as $observation) {
            if ($observation->observed === Observed::heightOf($axle)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{mean: float, least: float, most: float}|null null where nothing that can be set gets there */
    private function minutes(Recommendation $recommendation): ?array
    {
        $toGo = MinutesToGo::of($recommendation, $this->step);

        return $toGo === null ? null : ['mean' => $toGo->mean, 'least' => $toGo->least, 'most' => $toGo->most];
    }

    private function because(Recommendation $recommendation): string
    {
        $reach = $recommendation->reach();
        $percent = static fn (float $share): int => (int) round(100 * $share);
        $key = match (true) {
            $recommendation->reason === Reason::NearestAllowed &&
                $this->analysis->goal->criterion->isShare() => 'nearest_allowed_share',
            default => $recommendation->reason->value,
        };

        return Text::of("move.because.{$key}", [
            'share' => $percent(
                match ($recommendation->reason) {
                    Reason::TooWeak => $reach->high,
                    Reason::TooStrong => $reach->low,
                    default => $recommendation->forecast->share()->mean(),
                },
            ),
            'method' => Text::of("method.{$this->analysis->goal->criterion->value}.name"),
        ]);
    }

    /** @return array<string, mixed> */
    private function tension(TensionAdvice $advice): array
    {
        return [
            'do' => 'tension',
            'direction' => $advice->direction->value,
            'expect' => [
                ...$this->heightsOf($advice->target, $advice->rear),
                'front_lowest_mm' => $this->isTaped(Axle::Front) ? $advice->lowest : null,
                'front_highest_mm' => $this->isTaped(Axle::Front) ? $advice->highest : null,
                'front_by_mm' => $advice->toGo,
            ],
            'because' => Text::of('move.because.tension'),
        ];
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
