<?php

declare(strict_types=1);

namespace Yoke\Service\Exception;

use Yoke\CoreException;
use Yoke\Units\RoadUnit;

final class ImpossibleDistance extends \DomainException implements CoreException
{
    private function __construct(string $sentence, private readonly ?float $kilometres)
    {
        parent::__construct($sentence);
    }

    public static function unreadable(RoadUnit $unit): self
    {
        return new self("Expected the distance on the vehicle, such as {$unit->distance(48_200.0)}.", null);
    }

    public static function lower(float $kilometres, float $last, RoadUnit $unit): self
    {
        return new self("Expected at least {$unit->distance($last)}, as it was read last: {$unit->distance($kilometres)} is lower. If the instrument was changed, write its readings on from the old one.", $kilometres);
    }

    public static function tooFar(float $kilometres, RoadUnit $unit, float $most): self
    {
        return new self("Expected a distance up to {$unit->distance($most)}.", $kilometres);
    }

    /** What was given, km; null where it did not read. */
    public function kilometres(): ?float
    {
        return $this->kilometres;
    }
}
