<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Foundation\Probability\Normal;

/** The class of a tow vehicle, for what is usual in it. The value is its name on a label. */
enum VehicleClass: string
{
    case SmallCrossover = 'small crossover';
    case FamilySuv = 'family SUV or van';
    case HalfTon = 'half-ton pick-up';
    case ThreeQuarterTon = 'three-quarter-ton pick-up';

    /** What a vehicle of this shape usually is, when nobody said. */
    public static function usualFor(VehicleBody $body): self
    {
        return match ($body) {
            VehicleBody::PickUp => self::HalfTon,
            VehicleBody::Suv => self::FamilySuv,
            VehicleBody::Crossover => self::SmallCrossover,
        };
    }

    /** The shape that vehicles of this class have. */
    public function body(): VehicleBody
    {
        return match ($this) {
            self::SmallCrossover => VehicleBody::Crossover,
            self::FamilySuv => VehicleBody::Suv,
            self::HalfTon, self::ThreeQuarterTon => VehicleBody::PickUp,
        };
    }

    /** The springs that its rear axle usually has. */
    public function rearSuspension(): Suspension
    {
        return $this->body() === VehicleBody::PickUp ? Suspension::Leaf : Suspension::Coil;
    }

    /** The usual wheelbase, mm (docs/model.md, What is assumed). */
    public function wheelbase(): Normal
    {
        return match ($this) {
            self::SmallCrossover => Normal::of(2680.0, 100.0),
            self::FamilySuv => Normal::of(2950.0, 150.0),
            self::HalfTon => Normal::of(3680.0, 200.0),
            self::ThreeQuarterTon => Normal::of(4000.0, 250.0),
        };
    }

    /** The usual length from rear axle to ball, mm. */
    public function overhang(): Normal
    {
        return match ($this) {
            self::SmallCrossover => Normal::of(1020.0, 100.0),
            self::FamilySuv => Normal::of(1150.0, 120.0),
            self::HalfTon => Normal::of(1320.0, 120.0),
            self::ThreeQuarterTon => Normal::of(1400.0, 140.0),
        };
    }

    /** Usual ride rate at an axle, kg per mm of fender height, both wheels (docs/model.md, What is usual). */
    public function rideRate(Axle $axle): float
    {
        [$front, $rear] = match ($this) {
            self::SmallCrossover => [8.0, 7.0],
            self::FamilySuv => [10.0, 8.5],
            self::HalfTon => [13.0, 9.5],
            self::ThreeQuarterTon => [19.0, 14.0],
        };

        return $axle === Axle::Front ? $front : $rear;
    }
}
