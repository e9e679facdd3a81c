<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\Role;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use Illuminate\Support\Facades\DB;

/**
 * What somebody says they are, in a shop of before there were roles, where everybody could do everything. The first who
 * says owner
 * is; all others work as they say, an owner as a fitter, until an owner has confirmed them.
 */
final readonly class SaidRole
{
    public function __construct(private AuditLog $deeds)
    {
    }

    public static function hasOwner(): bool
    {
        return User::here()->where('role', Role::Owner->value)->whereNull('role_standing')->exists();
    }

    public function say(User $person, Role $role): void
    {
        DB::transaction(static function () use ($person, $role): void {
            // A write comes first: of two who say owner at once, the second finds the first.
            $person->update(['role_standing' => $role->value]);
            $isFirst = $role->isOwner() && ! self::hasOwner();
            $person->update([
                'role' => $role->isOwner() && ! $isFirst ? Role::Fitter : $role,
                'role_standing' => $isFirst ? null : $role->value,
            ]);
        });
        $this->deeds->record(AuditEvent::RoleChanged, $person, [
            'name' => $person->name,
            'role' => $person->role?->value,
        ]);
    }
}
