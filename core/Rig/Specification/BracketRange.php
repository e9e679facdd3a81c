<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Hitch;

/** From where to where behind the ball a hitch's sheet lets its brackets be; a single distance is a range of one. */
final readonly class BracketRange
{
    private function __construct(public Length $from, public Length $to)
    {
    }

    /** Null where the sheet gives no distance. */
    public static function of(SpecificationSheet $hitch): ?self
    {
        $from = $hitch->length('bracket_from_mm') ?? $hitch->length('bracket_to_mm');
        $to = $hitch->length('bracket_to_mm') ?? $from;

        return $from === null || $to === null ? null : new self($from, $to);
    }

    /** The nearest place within it. */
    public function nearest(Length $place): Length
    {
        return match (true) {
            $place->isLessThan($this->from) => $this->from,
            $place->isGreaterThan($this->to) => $this->to,
            default => $place,
        };
    }

    /** Ball to hook-up point where nobody measured it: the usual one, fitted to the range that the sheet gives. */
    public static function assumedArm(SpecificationSheet $hitch): Length
    {
        $usual = Length::ofMillimetres(Hitch::USUAL_BAR_ARM_MM[0]);

        return self::of($hitch)?->nearest($usual) ?? $usual;
    }
}
