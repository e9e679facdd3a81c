<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

use Yoke\Foundation\Units\Length;
use Yoke\Mechanics\Statics\TowedTrailer;

/**
 * Readings of one tongue with the curve through them. A reading that stands apart from all the others is named, kept,
 * and the curve goes through the rest (docs/model.md, Tongue weight).
 */
final readonly class TongueSeries
{
    /** So many deviations off the curve through the others, a reading stands apart. */
    private const APART = 4.0;

    /** And by at least this share: nobody reads a scale more closely than that. */
    private const LEAST_APART = 0.02;

    /** Of fewer readings nobody can say which of them is off. */
    private const ENOUGH = 4;

    /** Two coupler heights closer than this are one, mm. */
    private const SAME_HEIGHT_MM = 3.0;

    /** Two readings at one height may differ by so many times what a reading taken again differs by. */
    private const AGAIN = 4.0;

    /** @var non-empty-list<TongueReading> */
    private array $counting;

    /** @var list<int> places of the readings that stand apart, the farthest first */
    public array $apart;

    public TongueCurve $curve;

    /**
     * @param  Length  $level  coupler height with the trailer level
     * @param  float  $cgDoubt  of the trailer's centre of gravity, as a share of its height
     * @param  non-empty-list<TongueReading>  $readings
     */
    public function __construct(
        private TowedTrailer $trailer,
        private Length $level,
        private float $cgDoubt,
        private array $readings,
    ) {
        $counting = $readings;
        $apart = [];
        while (count($counting) >= self::ENOUGH && 3 * count($apart) < count($readings)) {
            $farthest = $this->farthest($counting);
            if ($farthest === null) {
                break;
            }
            $apart[] = $farthest;
            unset($counting[$farthest]);
        }
        $this->apart = $apart;
        $this->counting = $counting === [] ? $readings : array_values($counting);
        $this->curve = $this->through($this->counting);
    }

    /**
     * Pairs of readings by one instrument at one height that differ by more than it does when it reads again, among
     * those that count: one of the two is off, and nobody can say which.
     *
     * @return list<TonguePair>
     */
    public function atOdds(): array
    {
        $pairs = [];
        foreach ($this->counting as $i => $one) {
            foreach ($this->counting as $j => $other) {
                if ($i < $j && $this->differ($one, $other)) {
                    $pairs[] = new TonguePair($one, $other);
                }
            }
        }

        return $pairs;
    }

    private function differ(TongueReading $one, TongueReading $other): bool
    {
        $apart = $this->curve->heightOf($one)->minus($this->curve->heightOf($other))->absolute()->millimetres();
        $loads = [$one->onBall()->kilograms(), $other->onBall()->kilograms()];

        return $one->by === $other->by &&
            $apart <= self::SAME_HEIGHT_MM &&
            abs($loads[0] - $loads[1]) > self::AGAIN * TongueCurve::again(max($loads)) * M_SQRT2;
    }

    /**
     * @param  non-empty-array<int, TongueReading>  $readings
     * @return int|null the place of the one that is farthest off the curve through the others; null where none is far
     */
    private function farthest(array $readings): ?int
    {
        [$farthest, $most] = [null, self::APART];
        foreach ($readings as $place => $reading) {
            $others = array_values(array_diff_key($readings, [$place => true]));
            if ($others === []) {
                continue;
            }
            $expected = $this->through($others)->expected($reading);
            $off = abs($reading->onBall()->kilograms() - $expected->mean());
            $apart = $expected->deviation() > 0.0 ? $off / $expected->deviation() : 0.0;
            if ($apart > $most && $off > self::LEAST_APART * $expected->mean()) {
                [$farthest, $most] = [$place, $apart];
            }
        }

        return $farthest;
    }

    /** @param  non-empty-list<TongueReading>  $readings */
    private function through(array $readings): TongueCurve
    {
        return new TongueCurve($this->trailer, $this->level, $this->cgDoubt, $readings);
    }
}
