<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;

/**
 * What the readings of one set-up told of a rig, kept for its next: the parameters of RigPrior, each with its doubt.
 * How
 * they hang together is not kept, so that the next set-up starts less sure than this one ended.
 */
final readonly class CarriedOverPrior
{
    /** Hooked up again at the same setting, the bars are bent the same within so much, mm. */
    private const AGAIN_MM = 2.0;

    /** @param  non-empty-list<Normal>  $parameters  in the order of the constants of RigPrior */
    private function __construct(private array $parameters)
    {
    }

    public static function of(Posterior $posterior): self
    {
        $parameters = [];
        for ($parameter = 0; $parameter <= RigParameter::Tension->value; $parameter++) {
            $parameters[] =
                $parameter === RigParameter::Tension->value ? $posterior->tensionTold() : $posterior->value($parameter);
        }

        return new self($parameters);
    }

    /** @param  non-empty-list<array{float, float}>  $rows  as it was kept */
    public static function kept(array $rows): self
    {
        return new self(
            array_map(static fn (array $row): Normal => Normal::of((float) $row[0], (float) $row[1]), $rows),
        );
    }

    /** @return non-empty-list<array{float, float}> mean and deviation of each, to keep */
    public function rows(): array
    {
        return array_map(
            static fn (Normal $parameter): array => [$parameter->mean(), $parameter->deviation()],
            $this->parameters,
        );
    }

    /** @return non-empty-list<LogNormal> all but the tension */
    public function likely(): array
    {
        $likely = [];
        foreach ($this->parameters as $i => $parameter) {
            if ($i < RigParameter::Tension->value) {
                $likely[] = new LogNormal($parameter->mean(), $parameter->deviation() / $parameter->mean());
            }
        }

        return $likely === [] ? throw new \LogicException('A rig has parameters.') : $likely;
    }

    /** Of the reference setting, mm. */
    public function tension(): Normal
    {
        $tension = $this->parameters[RigParameter::Tension->value];

        return Normal::of($tension->mean(), hypot($tension->deviation(), self::AGAIN_MM));
    }
}
