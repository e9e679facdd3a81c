<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

/** Where the parameters of a rig lie, in prior deviations, and what hangs together in their doubt. */
final readonly class ParameterEstimate
{
    /**
     * @param  array<int, float>  $at  in prior deviations
     * @param  array<int, array<int, float>>  $covariance  of the same
     */
    public function __construct(public array $at, public array $covariance)
    {
    }

    /**
     * Over several stories, each with how likely it is.
     *
     * @param  non-empty-list<Hypothesis>  $stories
     */
    public static function over(array $stories): self
    {
        if (count($stories) === 1) {
            return new self($stories[0]->at, $stories[0]->covariance);
        }
        $at = array_map(static fn (): float => 0.0, $stories[0]->at);
        foreach ($stories as $story) {
            foreach ($story->at as $i => $value) {
                $at[$i] += $story->chance * $value;
            }
        }
        $covariance = array_map(static fn (): array => array_map(static fn (): float => 0.0, $at), $at);
        foreach ($stories as $story) {
            foreach ($story->covariance as $i => $row) {
                $off = $story->chance * ($story->at[$i] - $at[$i]);
                foreach ($row as $j => $one) {
                    $covariance[$i][$j] += $story->chance * $one + $off * ($story->at[$j] - $at[$j]);
                }
            }
        }

        return new self($at, $covariance);
    }
}
