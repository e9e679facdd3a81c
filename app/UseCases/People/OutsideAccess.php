<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\ApiToken;
use App\Models\CalendarLink;
use App\Models\User;

/** What lets programs in for a person: tokens and calendar addresses. */
final class OutsideAccess
{
    /** Everything of a person's, for good. */
    public static function end(User $person): void
    {
        ApiToken::query()->where('user_id', $person->id)->whereNull('revoked_at')->get()->each->revoke();
        CalendarLink::query()->where('user_id', $person->id)->whereNull('revoked_at')->get()->each->revoke();
    }

    /** Whether a person has anything of it. */
    public static function isOpenFor(User $person): bool
    {
        return ApiToken::open()->where('user_id', $person->id)->exists() ||
            CalendarLink::query()->where('user_id', $person->id)->whereNull('revoked_at')->exists();
    }
}
