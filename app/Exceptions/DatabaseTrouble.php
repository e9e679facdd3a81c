<?php

declare(strict_types=1);

namespace App\Exceptions;

use ErrorException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\Request;
use Illuminate\Http\Response as TextResponse;
use Illuminate\View\ViewException;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Says in words when the database is missing, cannot be written, is not set up, or when its disk is full. */
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
        'disk image is malformed' => 'damaged',
        'disk i/o error' => 'full',
    ];

    /** Of a file that is written beside the database: a session, what is kept, a log. */
    private const NO_SPACE = '/no space left on device|disk quota exceeded/i';

    /** The answer, or nothing when this is some other trouble. */
    public static function page(Throwable $trouble, Request $request): ?Response
    {
        $words = self::inWords($trouble);
        if ($words === null) {
            return null;
        }
        if ($request->is('api/*')) {
            return response()->json(['error' => ['code' => 'unavailable', 'message' => $words]], 503);
        }
        if ($request->expectsJson()) {
            return response()->json(['message' => $words.' '.__('screen.database.still_on_the_page')], 503);
        }
        try {
            return response()->view('errors.database', ['words' => $words], 503);
        } catch (Throwable) {
            // Where not even a page can be compiled any more.
            return new TextResponse($words, 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
    }

    public static function inWords(Throwable $trouble): ?string
    {
        if ($trouble instanceof ViewException && $trouble->getPrevious() !== null) {
            return self::inWords($trouble->getPrevious());
        }
        if ($trouble instanceof ErrorException && preg_match(self::NO_SPACE, $trouble->getMessage()) === 1) {
            return (string) __('screen.database.full');
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
