<?php

declare(strict_types=1);

namespace App\Photos;

/** What a photo is kept for. */
enum Shows: string
{
    case Placard = 'placard';
    case LinkMark = 'link mark';
    case Washers = 'washers';
    case Other = 'other';
}
