<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/**
 * What an owner checks again after a set-up, in the order in which it falls due. The maker's data sheet goes before it.
 */
enum Recheck: string
{
    case Torque = 'torque';
    case Pins = 'pins';
    case TyrePressures = 'tyre_pressures';
    case Grease = 'grease';
    case Wear = 'wear';
    case WholeSetUp = 'whole_set_up';
}
