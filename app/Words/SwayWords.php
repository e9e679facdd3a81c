<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Workshop\Sway\SwayChange;
use Yoke\Workshop\Sway\SwayChangeKind;
use Yoke\Workshop\Sway\SwayCheck;
use Yoke\Workshop\Sway\SwayRisk;
use Yoke\Workshop\Sway\SwayRiskKind;

/** What invites sway, in a person's words and units. */
final readonly class SwayWords
{
    /** @param  Bounds|null  $own  at which share the sway control works by its sheet; null where that does not say */
    public function __construct(
        private QuantityWords $print,
        private TargetRange $band,
        private ?Bounds $own = null,
    ) {
    }

    /**
     * @param  array<string, string>  $with  what the risk itself does not know
     * @return array{what: string, why: string, remedy: string}
     */
    public function of(SwayRisk $risk, array $with = []): array
    {
        $with += $this->facts($risk);
        $text = static fn (string $part): string => Text::of("sway.{$risk->kind->value}.{$part}", $with);

        return ['what' => $text('what'), 'why' => $text('why'), 'remedy' => $text('remedy')];
    }

    public function worse(SwayChange $change): string
    {
        [$now, $before] = [$change->now, $change->before];

        return Text::of(
            "sway.worse.{$change->kind->value}",
            match ($change->kind) {
                SwayChangeKind::LessOnTheTongue => [
                    'now' => Figures::fixed(100 * $now),
                    'before' => Figures::fixed(100 * $before),
                ],
                SwayChangeKind::NoseHigher => ['by' => Figures::fixed($now - $before)],
                SwayChangeKind::FrontLighter => [
                    'now' => (string) round(100 * $now),
                    'before' => (string) round(100 * $before),
                ],
                SwayChangeKind::LessFriction => ['by' => (string) round(100 * (1 - $now / $before))],
            },
        );
    }

    /** What has to be so. */
    public static function check(SwayCheck $check): string
    {
        return Text::of(self::key($check).'.says');
    }

    /** What to do where it is not. */
    public static function remedy(SwayCheck $check): string
    {
        return Text::of(self::key($check).'.remedy');
    }

    private static function key(SwayCheck $check): string
    {
        return $check->family === null
            ? "sway.checks.{$check->key}"
            : "family/{$check->family->key()}.sway_checks.{$check->key}";
    }

    /** @return array<string> what to do when a trailer sways on the road, in order */
    public static function onTheRoad(): array
    {
        return Text::each('sway.on_the_road');
    }

    /** @return array<string, string> */
    private function facts(SwayRisk $risk): array
    {
        $checks = [
            'checks' => implode('; ', array_map(self::check(...), $risk->checks)),
            'remedy' => $risk->checks === [] ? '' : self::remedy($risk->checks[0]),
        ];
        $figure = $risk->figure;
        if ($figure === null) {
            return $checks;
        }
        [$scale, $format] = match ($risk->kind) {
            SwayRiskKind::TooLittleOnTheTongue => [100.0, '%.1f ± %.1f'],
            SwayRiskKind::NoseUp => [1.0, '%.1f ± %.1f'],
            default => [100.0, '%.0f ± %.0f'],
        };
        $length = fn (float $millimetres): string => $this->print->length(Length::ofMillimetres(abs($millimetres)));

        return [
            ...$checks,
            'figure' => sprintf($format, $scale * $figure->mean(), $scale * $figure->deviation()),
            'length' => $length($figure->mean()),
            'doubt' => $length($figure->deviation()),
            'from' => (string) round(100 * $this->band->from),
            'own_from' => (string) round(100 * ($this->own->low ?? 0.0)),
            'own_to' => (string) round(100 * ($this->own->high ?? 0.0)),
        ];
    }
}
