<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Plot;

use Yoke\Foundation\Probability\Normal;
use Yoke\Showing\Drawing\Point;

/** A few values one after the other with their doubt. Places are percent of the plot, from its upper left. */
final readonly class TrendPlot
{
    /** Of the span, above and below. */
    private const ROOM = 0.12;

    private float $low;

    private float $high;

    /** @param  non-empty-list<Normal>  $values  the earliest first, all in one unit */
    public function __construct(private array $values)
    {
        $low = min(array_map(static fn (Normal $value): float => $value->mean() - $value->deviation(), $values));
        $high = max(array_map(static fn (Normal $value): float => $value->mean() + $value->deviation(), $values));
        $room = max(1e-6, self::ROOM * ($high - $low));
        $this->low = $low - $room;
        $this->high = $high + $room;
    }

    /** @return non-empty-list<Point> */
    public function points(): array
    {
        return array_map(fn (int $i): Point => $this->at($i, $this->values[$i]->mean()), array_keys($this->values));
    }

    /** @return non-empty-list<Whisker> of each value */
    public function whiskers(): array
    {
        return array_map(
            fn (int $i): Whisker => new Whisker(
                $this->at($i, $this->values[$i]->mean() + $this->values[$i]->deviation()),
                $this->at($i, $this->values[$i]->mean() - $this->values[$i]->deviation()),
            ),
            array_keys($this->values),
        );
    }

    private function at(int $i, float $value): Point
    {
        return new Point(
            (100 * ($i + 0.5)) / count($this->values),
            (100 * ($this->high - $value)) / ($this->high - $this->low),
        );
    }
}
