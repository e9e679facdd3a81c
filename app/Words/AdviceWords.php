<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\Check;
use Yoke\Job\Planning\ManufacturerPolicy;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Finding;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\MoveWorth;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Judgement\Advice\TensionDirection;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Criterion;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;

/**
 * The next move, why, and what is wrong, as sentences in a person's units (lang/, move, finding, check, exclusion,
 * policy).
 */
final readonly class AdviceWords
{
    private QuantityWords $print;

    public function __construct(private SettingWords $settings, User $person)
    {
        $this->print = new QuantityWords($person);
    }

    /**
     * What to do, in a sentence.
     *
     * @param  Setting|null  $read  that was measured last: the head is said where it is to stand elsewhere
     */
    public function move(Recommendation $recommendation, ?Setting $read = null): string
    {
        $setting = $recommendation->forecast->setting;
        $on = $recommendation->present?->setting;

        return match ($recommendation->action) {
            Action::Set => $on === null ? $this->first($recommendation) : $this->go($on, $setting),
            Action::Stop => self::text('move.stop', ['setting' => $this->settings->of($setting)]),
            Action::ReadAgain => $recommendation->isToBeRead()
                ? self::text('move.not_read_yet', ['setting' => $this->settings->of($setting, $read)])
                : $this->look($recommendation, $on),
            Action::Cannot => self::text('move.cannot'),
        };
    }

    private function look(Recommendation $recommendation, ?Setting $on): string
    {
        $next = $recommendation->next()?->setting;
        $look = self::text(
            'move.look.'.
                ($on === null && $recommendation->look !== Recheck::Count ? 'first_' : '').
                ($recommendation->look ?? Recheck::Carried)->value,
            ['setting' => $this->settings->of($recommendation->forecast->setting)],
        );
        $look = trim("{$look} ".Text::ifAny("move.how.{$recommendation->way->value}"));

        return $on === null || $next === null
            ? $look
            : self::text('move.then', [
                'look' => $look,
                'change' => implode(', ', $this->settings->moves($on, $next)),
                'setting' => $this->settings->of($next, $on),
            ]);
    }

    /** A look with what it takes and what it saves. */
    public function offer(LookOffer $offer): string
    {
        $how = Text::ifAny("move.how.{$offer->how->value}");

        return self::text("move.kind.{$offer->what->value}").': '.
            self::text('move.offer', [
                'minutes' => (string) round($offer->minutes),
                'saves' => (string) round($offer->saves),
            ]).
            ($how === '' ? '.' : ". {$how}");
    }

    private function first(Recommendation $recommendation): string
    {
        return self::text($recommendation->reason === Reason::AsLeft ? 'move.first_as_left' : 'move.first', [
            'setting' => $this->settings->of($recommendation->forecast->setting),
        ]);
    }

    /** One change in a sentence; two as the pair they are, the head first. */
    private function go(Setting $from, Setting $to): string
    {
        $changes = $this->settings->moves($from, $to);
        $where = $this->settings->of($to, $from);

        return count($changes) === 2
            ? self::text('move.two_moves', [
                'first' => $changes[0],
                'second' => $changes[1],
                'setting' => $where,
            ])
            : self::text('move.go', ['change' => implode(', ', $changes), 'setting' => $where]);
    }

    public function because(Recommendation $recommendation, Criterion $method): string
    {
        $reach = $recommendation->reach();
        $share = match ($recommendation->reason) {
            Reason::TooWeak => $reach->high,
            Reason::TooStrong => $reach->low,
            default => $recommendation->forecast->share()->mean(),
        };
        $key = match (true) {
            $recommendation->reason === Reason::BestChance && $recommendation->present !== null => 'best_chance_now',
            $recommendation->reason === Reason::ReadingIsCheaper &&
                $this->settings->isTurnedLoaded() => 'reading_is_cheaper_turned',
            $recommendation->reason === Reason::ReadingIsCheaper &&
                $method === Criterion::CouplerHeight => 'reading_is_cheaper_coupler',
            $recommendation->reason === Reason::NearestAllowed && $method->isShare() => 'nearest_allowed_share',
            default => $recommendation->reason->value,
        };

        return self::text("move.because.{$key}", [
            'share' => self::percent($share),
            'present' => $this->chance($recommendation->present->chance ?? 0.0),
            'method' => $this->method($method),
        ]);
    }

    /** A chance: nothing is ever quite sure. */
    public function chance(float $chance): string
    {
        $percent = (int) round(100 * $chance);

        return match (true) {
            $percent >= 100 => Text::of('verdict.nearly_sure'),
            $percent <= 0 => 'under 1 %',
            default => "{$percent} %",
        };
    }

    public function likely(float $chance): string
    {
        return self::text('move.chance', ['chance' => ucfirst($this->chance($chance))]);
    }

    /** What a move does to the loads, to the fineness of a scale. */
    public function worth(MoveWorth $worth): string
    {
        $load = fn (float $kilograms): string => $this->print->aboutChange(Load::ofKilograms($kilograms));

        return self::text('move.worth', [
            'front' => $load($worth->front),
            'rear' => $load($worth->rear),
            'trailer' => $load($worth->trailer),
        ]);
    }

    /**
     * What the tape is to show, in a sentence; an empty text where no fender was taped.
     *
     * @param  array<string, Normal>  $heights  mm, by axle
     */
    public function expect(array $heights): string
    {
        $fenders = array_map(
            fn (string $axle, Normal $height): string => RigWords::axle(Axle::from($axle)).
                " {$this->print->height($height->mean())} {$this->print->doubt($height)}",
            array_keys($heights),
            $heights,
        );

        return $fenders === [] ? '' : self::text('move.expect', ['fenders' => implode(', ', $fenders)]);
    }

    /** Direction alone, for a hitch whose settings are not known and a fender that nobody taped. */
    public function tensionUntaped(TensionAdvice $advice): string
    {
        return match (true) {
            $advice->toGo === null => self::text('move.tension_untaped'),
            $this->isDone($advice) => self::text('move.tension_none'),
            default => self::text("move.tension_{$advice->direction->value}_by", [
                'by' => $this->print->length(Length::ofMillimetres(abs($advice->toGo))),
            ]),
        };
    }

    /** Direction and height, for a hitch whose settings are not known. */
    public function tension(TensionAdvice $advice): string
    {
        $target = $this->print->height($advice->target->mean());
        $by = $advice->toGo === null ? '' : $this->print->length(Length::ofMillimetres(abs($advice->toGo)));

        return match (true) {
            $advice->toGo === null => self::text('move.tension_first', ['target' => $target]),
            default => self::text('move.tension_'.$advice->direction->value, [
                'by' => $by,
                'target' => $target,
            ]),
        };
    }

    /** The heights between which the front is in range. */
    public function heightsInRange(TensionAdvice $advice): string
    {
        return self::text('move.expect_front', [
            'low' => $this->print->height($advice->lowest),
            'high' => $this->print->height($advice->highest),
        ]);
    }

    public function isDone(TensionAdvice $advice): bool
    {
        return $advice->direction === TensionDirection::None;
    }

    public function excluded(Exclusion $exclusion): string
    {
        return self::text("exclusion.{$exclusion->value}");
    }

    /** @return array{what: string, means: string, remedy: string} */
    public function finding(Finding $finding): array
    {
        $isShare = in_array(
            $finding->kind,
            [FindingKind::OverRestored, FindingKind::LightFront, FindingKind::Broken],
            true,
        );
        $words = [
            'figure' => $isShare
                ? self::percent(max(0.0, $finding->figure->mean()))
                : Figures::fixed(abs($finding->figure->mean())),
            'broken' => $finding->broken === null ? '' : $this->excluded($finding->broken),
        ];

        return [
            'what' => self::text("finding.{$finding->kind->value}.what", $words),
            'means' => self::text("finding.{$finding->kind->value}.means", $words),
            'remedy' => self::text("finding.{$finding->kind->value}.remedy", $words),
        ];
    }

    /** A finding's figure with its doubt, in its own unit; an empty text where it has none. */
    public function findingFigure(FindingKind $kind, Normal $figure): string
    {
        return match ($kind) {
            FindingKind::OverRestored, FindingKind::LightFront => self::text('finding.share', [
                'share' => VerdictWords::share(Normal::of(max(0.0, $figure->mean()), $figure->deviation())),
            ]),
            FindingKind::NoseUp, FindingKind::FarNoseDown => self::text(
                match (true) {
                    Figures::fixed(abs($figure->mean())) === Figures::fixed(0.0) => 'finding.level_by',
                    $figure->mean() > 0.0 => 'finding.nose_up_by',
                    default => 'finding.nose_down_by',
                },
                [
                    'degrees' => Figures::fixed(abs($figure->mean())),
                    'doubt' => Figures::fixed(max(0.1, $figure->deviation())),
                ],
            ),
            FindingKind::SlackBars => self::text('finding.bent_by', [
                'bend' => $this->print->height(max(0.0, $figure->mean())),
                'doubt' => $this->print->doubt($figure),
            ]),
            FindingKind::Broken => '',
        };
    }

    /** @return list<string> what changes from one setting to another, in the order in which it is done */
    public function moves(Setting $from, Setting $to): array
    {
        return array_map(ucfirst(...), $this->settings->moves($from, $to));
    }

    public function check(Check $check): string
    {
        return self::text("check.{$check->kind->value}.says");
    }

    /** What to do about one that does not hold. */
    public function remedy(Check $check): string
    {
        return $check->holds() ? '' : self::text("check.{$check->kind->value}.remedy");
    }

    public function method(Criterion $criterion): string
    {
        return self::text("method.{$criterion->value}.name");
    }

    /** What the vehicle's maker says of weight distribution, quoted. */
    public function manufacturer(ManufacturerPolicy $policy): string
    {
        return self::text("policy.{$policy->kind()}", [
            'from' => $policy->band() === null
                    ? $this->print->load($policy->requiredFrom())
                    : self::percent($policy->band()->from),
            'to' => $policy->band() === null ? '' : self::percent($policy->band()->to),
            'gross' => $this->print->load($policy->grossWeight()),
        ]);
    }

    private static function percent(float $share): string
    {
        return (string) (int) round(100 * $share);
    }

    /** @param  array<string, string>  $with */
    private static function text(string $key, array $with = []): string
    {
        return Text::of($key, $with);
    }
}
