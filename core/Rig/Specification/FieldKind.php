<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

/** What is typed into a field of a sheet. */
enum FieldKind
{
    /** Kept in mm. */
    case Length;

    /** Kept in kg. */
    case Load;

    /** Kept in kPa. */
    case Pressure;

    /** Kept in N·m. */
    case Torque;

    /** Of a spring, kept in kg/mm. */
    case Rate;

    /** Of the road, kept in km. */
    case Distance;

    /** A plain number; the label says of what. */
    case Number;

    /** How many of something: a whole number. */
    case Count;

    /** One of a list. */
    case Choice;
}
