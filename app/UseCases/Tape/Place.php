<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Reading;
use App\Words\Text;
use Yoke\Measuring\Readings\Height\Side;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** One place to hold the tape: a stance, an axle, a side. */
final readonly class Place
{
    public function __construct(public Stance $stance, public Axle $axle, public Side $side)
    {
    }

    /** @return list<self> the fields of a stance in the order they are taped */
    public static function fieldsOf(Stance $stance, bool $eachSide): array
    {
        $sides = $eachSide ? [Side::Left, Side::Right] : [Side::Both];
        $places = [];
        foreach (Axle::cases() as $axle) {
            foreach ($sides as $side) {
                $places[] = new self($stance, $axle, $side);
            }
        }

        return $places;
    }

    /**
     * @return list<self> every field that a form of this stance may send, whichever way the job was taped when it was
     *     made
     */
    public static function allOf(Stance $stance): array
    {
        return [...self::fieldsOf($stance, false), ...self::fieldsOf($stance, true)];
    }

    public static function ofReading(Reading $reading): self
    {
        return new self($reading->stance, $reading->axle, $reading->side);
    }

    /** The name of its field on the station's form: `front`, `rear_left`. */
    public function field(): string
    {
        return $this->side === Side::Both ? $this->axle->value : "{$this->axle->value}_{$this->side->value}";
    }

    public function label(): string
    {
        return Text::of("screen.place.{$this->field()}");
    }

    public function key(): string
    {
        return "{$this->stance->value}.{$this->field()}";
    }
}
