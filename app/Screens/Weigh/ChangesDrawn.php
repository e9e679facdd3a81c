<?php

declare(strict_types=1);

namespace App\Screens\Weigh;

use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;

/**
 * What each axle carries more or less than alone, as bars to either side of a line: several set-ups under each other,
 * to be compared at a glance.
 */
final readonly class ChangesDrawn
{
    public const WIDTH = 660;

    /** Of the line where nothing changed. */
    public const ZERO = 380.0;

    /** Of the longest bar. */
    private const REACH = 150.0;

    private const BAR = 22.0;

    /** A colour of the page for each axle; each bar names its axle besides. */
    private const FILLS = ['front' => '--ivy', 'rear' => '--slate', 'trailer' => '--muted'];

    private const TITLE = 26.0;

    private const GAP = 10.0;

    /** @param  list<array{says: string, changes: list<Load|null>}>  $setUps  front, rear and trailer of each */
    public function __construct(private array $setUps, private QuantityWords $print)
    {
    }

    /** Nothing to compare, or nothing that was weighed. */
    public function isEmpty(): bool
    {
        return count($this->setUps) < 2 || $this->most() <= 0.0;
    }

    public function height(): float
    {
        $bars = array_sum(
            array_map(static fn (array $one): int => count(array_filter($one['changes'])), $this->setUps),
        );

        return count($this->setUps) * (self::TITLE + self::GAP) + $bars * self::BAR;
    }

    /**
     * @return list<array{says: string, y: float, bars: list<array{axle: string, class: string, fill: string, x: float,
     *     y: float, width: float, says: string, at: float, anchor: string}>}>
     */
    public function groups(): array
    {
        $groups = [];
        $y = 0.0;
        foreach ($this->setUps as ['says' => $says, 'changes' => $changes]) {
            $bars = [];
            $top = $y;
            $y += self::TITLE;
            foreach (WeighedAxle::cases() as $i => $axle) {
                $change = $changes[$i] ?? null;
                if ($change !== null) {
                    $bars[] = $this->bar($axle, $change, $y);
                    $y += self::BAR;
                }
            }
            $groups[] = ['says' => $says, 'y' => $top + 18.0, 'bars' => $bars];
            $y += self::GAP;
        }

        return $groups;
    }

    /**
     * @return array{axle: string, class: string, fill: string, x: float, y: float, width: float, says: string,
     *     at: float, anchor: string}
     */
    private function bar(WeighedAxle $axle, Load $change, float $y): array
    {
        $length = (self::REACH * $change->kilograms()) / $this->most();
        $isMore = $length >= 0.0;

        return [
            'axle' => Text::of("rig.weighed.{$axle->value}"),
            'class' => "is-{$axle->value}",
            'fill' => self::FILLS[$axle->value],
            'x' => round($isMore ? self::ZERO : self::ZERO + $length, 1),
            'y' => $y,
            'width' => round(max(1.0, abs($length)), 1),
            'says' => $this->print->loadChange($change),
            'at' => round(self::ZERO + $length + ($isMore ? 6.0 : -6.0), 1),
            'anchor' => $isMore ? 'start' : 'end',
        ];
    }

    private function most(): float
    {
        $most = 0.0;
        foreach ($this->setUps as ['changes' => $changes]) {
            foreach (array_filter($changes) as $change) {
                $most = max($most, abs($change->kilograms()));
            }
        }

        return $most;
    }
}
