<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\Exception\ImpossibleBars;
use Yoke\Job\Record\UsualRig;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Rig\Specification\SpecificationSheet;

/** A pair of spring bars as it is offered: from the lightest tongue weight that it is made for to the heaviest. */
final readonly class BarRange
{
    /** Pairs that a shop usually finds, lb: each holds twice its lightest tongue weight, and they overlap. */
    private const USUAL_LB = [
        [200.0, 400.0],
        [300.0, 600.0],
        [400.0, 800.0],
        [500.0, 1000.0],
        [600.0, 1200.0],
        [700.0, 1400.0],
        [850.0, 1700.0],
    ];

    private function __construct(
        /** 0 or more, below the heaviest. */
        public Load $lightest,
        /** The rating that bars go by. */
        public Load $heaviest,
    ) {
    }

    /** @throws ImpossibleBars */
    public static function of(Load $lightest, Load $heaviest): self
    {
        if ($lightest->isNegative() || ! $heaviest->isGreaterThan($lightest)) {
            throw ImpossibleBars::between($lightest, $heaviest);
        }

        return new self($lightest, $heaviest);
    }

    /** @return non-empty-list<self> lightest first */
    public static function usual(): array
    {
        return array_map(
            static fn (array $range): self => new self(Load::ofPounds($range[0]), Load::ofPounds($range[1])),
            self::USUAL_LB,
        );
    }

    /** Those of a hitch; null where its data sheet gives no rating, or none that can be. */
    public static function ofHitch(SpecificationSheet $hitch): ?self
    {
        $heaviest = $hitch->load('bar_rating_high_kg');
        $lightest = $hitch->load('bar_rating_low_kg') ?? Load::zero();

        return $heaviest === null || ! $heaviest->isGreaterThan($lightest) ? null : new self($lightest, $heaviest);
    }

    /** How stiff one bar is: its rating bends it so far (docs/model.md, What is usual), kg/mm. */
    public function rate(PriorDoubts $doubts): LogNormal
    {
        return new LogNormal($this->heaviest->kilograms() / UsualRig::BAR_BEND_MM, $doubts->barRate);
    }
}
