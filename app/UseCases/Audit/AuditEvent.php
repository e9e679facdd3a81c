<?php

declare(strict_types=1);

namespace App\UseCases\Audit;

/** What the shop keeps a record of: who did it, and when. */
enum AuditEvent: string
{
    case SignedIn = 'signed-in';
    case SignInSlowed = 'sign-in-slowed';
    case SessionEnded = 'session-ended';
    case PasswordChanged = 'password-changed';
    case Invited = 'invited';
    case Joined = 'joined';
    case LinkMade = 'reset-link-made';
    case RoleChanged = 'role-changed';
    case Left = 'left';
    case JobExported = 'job-exported';
    case ShopExported = 'shop-exported';
    case JobImported = 'job-imported';
    case BackedUp = 'backed-up';
    case Restored = 'restored';
    case CardShared = 'card-shared';
    case CardRevoked = 'card-revoked';
    case RatingChanged = 'rating-changed';
    case SettingChanged = 'setting-changed';
    case TokenMade = 'token-made';
    case TokenRevoked = 'token-revoked';
    case CustomerExported = 'customer-exported';
    case CustomerErased = 'customer-erased';
}
