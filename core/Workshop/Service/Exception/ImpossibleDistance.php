<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service\Exception;

use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Foundation\Units\RoadUnit;

final class ImpossibleDistance extends \DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly ?float $kilometres)
    {
        parent::__construct($expected->text());
    }

    public static function unreadable(RoadUnit $unit): self
    {
        return new self(Expected::of('distance.unreadable', ['example' => $unit->distance(48_200.0)]), null);
    }

    public static function lower(float $kilometres, float $last, RoadUnit $unit): self
    {
        return new self(
            Expected::of('distance.lower', ['last' => $unit->distance($last), 'read' => $unit->distance($kilometres)]),
            $kilometres,
        );
    }

    public static function tooFar(float $kilometres, RoadUnit $unit, float $most): self
    {
        return new self(Expected::of('distance.too_far', ['most' => $unit->distance($most)]), $kilometres);
    }

    /** What was given, km; null where it did not read. */
    public function kilometres(): ?float
    {
        return $this->kilometres;
    }
}
