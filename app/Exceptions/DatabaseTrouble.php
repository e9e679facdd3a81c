<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\Request;
use Illuminate\View\ViewException;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Says in words when the database is missing, cannot be written, or is not set up. */
final class DatabaseTrouble
{
    private const SIGNS = [
        'does not exist' => 'missing',
        'unable to open database file' => 'cannot_open',
        'readonly database' => 'readonly',
        'disk is full' => 'full',
        'database is locked' => 'busy',
        'no such table' => 'not_set_up',
        'file is not a database' => 'damaged',
    ];

    /** The page, or nothing when this is some other trouble. */
    public static function page(Throwable $trouble, Request $request): ?Response
    {
        $words = self::inWords($trouble);
        if ($words === null) {
            return null;
        }

        return $request->expectsJson()
            ? response()->json(['message' => $words.' '.__('screen.database.still_on_the_page')], 503)
            : response()->view('errors.database', ['words' => $words], 503);
    }

    public static function inWords(Throwable $trouble): ?string
    {
        if ($trouble instanceof ViewException && $trouble->getPrevious() !== null) {
            return self::inWords($trouble->getPrevious());
        }
        if (! $trouble instanceof PDOException && ! $trouble instanceof SQLiteDatabaseDoesNotExistException) {
            return null;
        }
        foreach (self::SIGNS as $sign => $what) {
            if (str_contains(strtolower($trouble->getMessage()), $sign)) {
                return (string) __("screen.database.{$what}");
            }
        }

        return null;
    }
}
