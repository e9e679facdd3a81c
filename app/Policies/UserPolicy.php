<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Who may do what to whom. An owner never takes their own role away, so a shop always has one. */
final class UserPolicy
{
    public function manage(User $person, User $other): bool
    {
        return ($person->role?->isOwner() ?? false) && $person->isNot($other) && $other->role !== null;
    }
}
