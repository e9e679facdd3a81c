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
    private const WORDS = [
        'does not exist' => 'The database file is missing.',
        'unable to open database file' => 'The database file cannot be opened.',
        'readonly database' => 'The database file can be read but not written.',
        'disk is full' => 'The disk that holds the database is full.',
        'database is locked' => 'The database has been busy for more than five seconds.',
        'no such table' => 'The database is there but not set up.',
        'file is not a database' => 'The database file is damaged or not a database.',
    ];

    /** The page, or nothing when this is some other trouble. */
    public static function page(Throwable $trouble, Request $request): ?Response
    {
        $words = self::inWords($trouble);
        if ($words === null) {
            return null;
        }

        return $request->expectsJson()
            ? response()->json(['message' => "{$words} Nothing was saved; what you typed is still on the page."], 503)
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
        foreach (self::WORDS as $sign => $words) {
            if (str_contains(strtolower($trouble->getMessage()), $sign)) {
                return $words;
            }
        }

        return null;
    }
}
