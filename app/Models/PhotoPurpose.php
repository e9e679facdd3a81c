<?php

declare(strict_types=1);

namespace App\Models;

/** What a photo is kept for. */
enum PhotoPurpose: string
{
    case Placard = 'placard';
    case LinkMark = 'link mark';
    case Washers = 'washers';
    case Other = 'other';
}
