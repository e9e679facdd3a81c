<?php

declare(strict_types=1);

namespace Yoke\Job\Shop;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Judgement\Method\Exception\ImpossibleBand;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Adjuster\Counting;

/** Everything that a shop holds to: what it chose, and for all else what this program takes for usual. */
final readonly class ShopSettings
{
    /** Where a hitch's family says how its steps are counted. */
    public const AS_USUAL = 'as usual';

    /** Whether new jobs start from what the shop has learned of something. */
    public const ON = 'on';

    public const OFF = 'off';

    private const LEARNED = [
        'front_rate',
        'rear_rate',
        'bar_rate',
        'tension',
        'trailer_rate',
        'pace',
        'reader',
        'friction',
    ];

    /** Doubts and tolerances in lengths can be so many times less or more than usual. */
    private const LENGTH_SPAN = 5.0;

    private const SHARES_OF_POLICY = [
        'sure' => [0.5, 0.999],
        'overUnsure' => [0.0001, 0.1],
        'goodEnough' => [0.5, 0.99],
        'overDone' => [0.001, 0.2],
        'hopeless' => [0.01, 0.5],
        'worthReading' => [0.05, 0.9],
        'openSuspect' => [0.01, 0.5],
        'overAllowed' => [0.005, 0.3],
        'overInTheYard' => [0.005, 0.5],
        'unseen' => [0.0, 0.3],
        'offLevel' => [0.0, 1.0],
        'minute' => [0.0, 0.05],
    ];

    /** That a look may take. */
    private const MOST_MINUTES = 240.0;

    private const SHARES_OF_PRIOR = [
        'rideRate',
        'trailerRate',
        'cgHeight',
        'barRate',
        'barRateUnrated',
        'barRateFromSheet',
        'chainRate',
        'ballLoad',
        'ballLoadAgain',
    ];

    private const LENGTHS_OF_PRIOR = [
        'tensionTapedMm',
        'tensionNotTapedMm',
        'tensionUnknownMm',
        'chainTensionMm',
        'ballOverCouplerTapedMm',
        'ballOverCouplerAssumedMm',
        'hangAssumedMm',
        'couplerMm',
    ];

    /**
     * @param  array<string, float|string>  $chosen  by key, each as its setting allows it
     * @param  array<string, ShopOption>  $all  by key
     */
    private function __construct(private array $chosen, private array $all)
    {
    }

    /** @param  array<string, float|string>  $chosen  by key; what no setting allows counts as not chosen */
    public static function of(array $chosen): self
    {
        $all = self::all();

        return new self(
            array_filter(
                $chosen,
                static fn (float|string $value, string $key): bool => isset($all[$key]) && $all[$key]->allows($value),
                ARRAY_FILTER_USE_BOTH,
            ),
            $all,
        );
    }

    /** @return array<string, ShopOption> by key, in the order they are said */
    public static function all(): array
    {
        $settings = [
            ...self::rangeFigures(),
            ...self::policyFigures(),
            ...self::lookFigures(),
            ...self::doubtFigures(),
            ...self::priorFigures(),
            ...self::toleranceFigures(),
            ShopOption::choice('units.fineness', Fineness::Sixteenth->value, array_column(Fineness::cases(), 'value')),
            ShopOption::choice('counting.counting', self::AS_USUAL, [
                self::AS_USUAL,
                ...array_column(Counting::cases(), 'value'),
            ]),
            ...array_map(
                static fn (string $source): ShopOption => ShopOption::choice("experience.{$source}", self::ON, [
                    self::ON,
                    self::OFF,
                ]),
                self::LEARNED,
            ),
            ShopOption::figure('day.bays', SettingKind::Whole, 2, 1, 6),
            ShopOption::figure('day.from', SettingKind::Whole, 7, 0, 12),
            ShopOption::figure('day.to', SettingKind::Whole, 19, 13, 24),
            ...self::backupFigures(),
        ];
        $byKey = [];
        foreach ($settings as $setting) {
            $byKey[$setting->key] = $setting;
        }

        return $byKey;
    }

    public function value(string $key): float|string
    {
        return $this->chosen[$key] ?? $this->all[$key]->default;
    }

    public function isChosen(string $key): bool
    {
        return isset($this->chosen[$key]);
    }

    /**
     * What of it cannot stand beside what else was chosen.
     *
     * @return array<string, string> the key of a setting => which other one it stands against
     */
    public function contradictions(): array
    {
        $against = [];
        try {
            TargetRange::of($this->number('range.from'), $this->number('range.to'));
        } catch (ImpossibleBand) {
            $against['range.to'] = 'range.from';
        }
        foreach (
            [
                ['policy.goodEnough', 'policy.sure'],
                ['policy.overUnsure', 'policy.overDone'],
                ['policy.before', 'policy.readings'],
                ['tolerance.noseDownDegrees', 'tolerance.farNoseDownDegrees'],
            ] as [$less, $more]
        ) {
            if ($this->number($less) > $this->number($more)) {
                $against[$less] = $more;
            }
        }

        return $against;
    }

    /** What the shop's jobs are held to. */
    public function rules(): ShopRules
    {
        $stopping = $this->group('policy');

        return ShopRules::of(
            TargetRange::of($this->number('range.from'), $this->number('range.to')),
            $this->group('tolerance'),
            [...$stopping, 'readings' => (int) $stopping['readings'], 'before' => (int) $stopping['before']],
            $this->group('doubt'),
            $this->group('prior'),
            $this->group('look'),
        );
    }

    /** What new people see lengths in. */
    public function fineness(): Fineness
    {
        return Fineness::from((string) $this->value('units.fineness'));
    }

    /** How the steps of a new hitch are counted; null: as usual for its family. */
    public function counting(): ?Counting
    {
        return Counting::tryFrom((string) $this->value('counting.counting'));
    }

    /** @return array<string, string> what the specification of a new hitch says as long as nobody said otherwise */
    public function ofNewHitches(): array
    {
        $counting = $this->counting();

        return $counting === null ? [] : ['counting' => $counting->value];
    }

    /** When, and for how long backups are kept: a whole number of hours after midnight, days, weeks or months. */
    public function ofBackups(string $name): int
    {
        return (int) $this->number("backups.{$name}");
    }

    /** The shop's day: how many bays, from which hour to which. */
    public function ofTheDay(string $name): int
    {
        return (int) $this->number("day.{$name}");
    }

    private function number(string $key): float
    {
        return (float) $this->value($key);
    }

    /** @return array<string, float> by name */
    private function group(string $group): array
    {
        $values = [];
        foreach ($this->all as $key => $setting) {
            if ($setting->group() === $group) {
                $values[explode('.', $key)[1]] = $this->number($key);
            }
        }

        return $values;
    }

    /** @return list<ShopOption> */
    private static function rangeFigures(): array
    {
        $usual = ShopRules::usual()->range;

        return [
            ShopOption::figure('range.from', SettingKind::Share, $usual->from, 0.0, 0.95),
            ShopOption::figure('range.to', SettingKind::Share, $usual->to, 0.05, 1.0),
        ];
    }

    /** @return list<ShopOption> */
    private static function policyFigures(): array
    {
        $usual = ShopRules::usual()->stopping;
        $settings = [];
        foreach (self::SHARES_OF_POLICY as $name => [$low, $high]) {
            $settings[] = ShopOption::figure("policy.{$name}", SettingKind::Share, $usual->{$name}, $low, $high);
        }
        $settings[] = ShopOption::figure('policy.readings', SettingKind::Times, (float) $usual->readings, 1, 10);
        $settings[] = ShopOption::figure('policy.before', SettingKind::Times, (float) $usual->before, 1, 6);

        return $settings;
    }

    /** @return list<ShopOption> */
    private static function lookFigures(): array
    {
        $usual = ShopRules::usual()->looks;

        return array_map(
            static fn (string $name): ShopOption => ShopOption::figure(
                "look.{$name}",
                SettingKind::Whole,
                $usual->{$name},
                1.0,
                self::MOST_MINUTES,
            ),
            ['fourHeights', 'barGap', 'scale'],
        );
    }

    /** @return list<ShopOption> */
    private static function backupFigures(): array
    {
        return [
            ShopOption::figure('backups.hour', SettingKind::Whole, 2, 0, 23),
            ShopOption::figure('backups.days', SettingKind::Whole, 14, 1, 90),
            ShopOption::figure('backups.weeks', SettingKind::Whole, 8, 0, 104),
            ShopOption::figure('backups.months', SettingKind::Whole, 24, 0, 240),
            ShopOption::figure('backups.beforeRestoreDays', SettingKind::Whole, 90, 7, 730),
        ];
    }

    /** @return list<ShopOption> */
    private static function doubtFigures(): array
    {
        $usual = ShopRules::usual()->heights;

        return array_map(
            static fn (string $name): ShopOption => ShopOption::figure(
                "doubt.{$name}",
                SettingKind::Millimetres,
                $usual->{$name},
                $usual->{$name} / self::LENGTH_SPAN,
                $usual->{$name} * self::LENGTH_SPAN,
            ),
            ['tapeMm', 'coilRolledMm', 'leafRolledMm', 'coilNotRolledMm', 'leafNotRolledMm'],
        );
    }

    /** @return list<ShopOption> */
    private static function priorFigures(): array
    {
        $usual = ShopRules::usual()->priors;
        $settings = [];
        foreach (self::SHARES_OF_PRIOR as $name) {
            $settings[] = ShopOption::figure(
                "prior.{$name}",
                SettingKind::Share,
                $usual->{$name},
                $usual->{$name} / self::LENGTH_SPAN,
                min(0.8, $usual->{$name} * self::LENGTH_SPAN),
            );
        }
        foreach (self::LENGTHS_OF_PRIOR as $name) {
            $settings[] = ShopOption::figure(
                "prior.{$name}",
                SettingKind::Millimetres,
                $usual->{$name},
                $usual->{$name} / self::LENGTH_SPAN,
                $usual->{$name} * self::LENGTH_SPAN,
            );
        }

        return [
            ...$settings,
            ShopOption::figure('prior.weighbridgeKg', SettingKind::Kilograms, $usual->weighbridgeKg, 1.0, 60.0),
            ShopOption::figure('prior.angleDegrees', SettingKind::Degrees, $usual->angleDegrees, 0.02, 0.5),
            ShopOption::figure('prior.frictionKept', SettingKind::Share, $usual->frictionKept, 0.0, 0.95),
            ShopOption::figure('prior.frictionSide', SettingKind::Deviations, $usual->frictionSide, 0.0, 3.0),
        ];
    }

    /** @return list<ShopOption> */
    private static function toleranceFigures(): array
    {
        $usual = ShopRules::usual()->tolerances;
        $settings = [];
        foreach (['squatMm', 'couplerMm', 'bentMm'] as $name) {
            $settings[] = ShopOption::figure(
                "tolerance.{$name}",
                SettingKind::Millimetres,
                $usual->{$name},
                $usual->{$name} / self::LENGTH_SPAN,
                $usual->{$name} * self::LENGTH_SPAN,
            );
        }
        $settings[] = ShopOption::figure(
            'tolerance.ballLoadShare',
            SettingKind::Share,
            $usual->ballLoadShare,
            0.005,
            0.2,
        );
        foreach (['noseUpDegrees', 'noseDownDegrees', 'farNoseDownDegrees'] as $name) {
            $settings[] = ShopOption::figure("tolerance.{$name}", SettingKind::Degrees, $usual->{$name}, 0.05, 3.0);
        }

        return $settings;
    }
}
