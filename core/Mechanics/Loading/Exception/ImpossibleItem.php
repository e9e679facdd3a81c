<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

/** A load that cannot be, or not there. */
final class ImpossibleItem extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $field)
    {
        parent::__construct($expected->text());
    }

    public static function weight(): self
    {
        return new self(Expected::of('item.weight'), 'weight');
    }

    public static function outsideVehicle(): self
    {
        return new self(Expected::of('item.outside_vehicle'), 'place');
    }

    public static function outsideTrailer(): self
    {
        return new self(Expected::of('item.outside_trailer'), 'place');
    }

    public static function fill(): self
    {
        return new self(Expected::of('item.fill'), 'fill');
    }

    public static function count(int $most): self
    {
        return new self(Expected::of('item.count', ['most' => $most]), 'count');
    }

    /** `weight`, `place`, `fill` or `count`. */
    public function field(): string
    {
        return $this->field;
    }
}
