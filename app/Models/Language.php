<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Http\Request;

/** The languages that the product speaks, each with a folder of texts under `lang`. */
enum Language: string
{
    case English = 'en';
    case Spanish = 'es';

    /** What somebody's browser asks for first: for as long as nobody has signed in. */
    public static function askedBy(Request $request): self
    {
        return self::from($request->getPreferredLanguage(array_column(self::cases(), 'value')) ?? self::English->value);
    }
}
