<?php

declare(strict_types=1);

namespace App\Models;

/** What a card is printed on; the value is its name in addresses. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';
}
