<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

/** What a load travels on. */
enum Carrier: string
{
    /** Its place is mm behind the front axle; ahead of it is negative. */
    case Vehicle = 'vehicle';

    /** Its place is mm ahead of the centre of the axle group; behind it is negative. */
    case Trailer = 'trailer';
}
