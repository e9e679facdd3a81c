<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\Revocation;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Door\WritingDoor;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use Yoke\Job\Shop\ShopSettings;

/** Who is in the shop: invited, given a role, let go and taken back, by an owner, never by themselves. */
final readonly class ManagePeople
{
    private const UNUSABLE_LENGTH = 60;

    public function __construct(
        private WritingDoor $door,
        private Gate $gate,
        private EntryLinks $links,
        private AuditLog $deeds,
        private ShopSettings $settings,
    ) {
    }

    public function invited(User $owner, PersonDraft $draft, Role $role): User
    {
        return $this->door->inShop($owner, 'own', function () use ($owner, $draft, $role): User {
            $this->deeds->record(AuditEvent::Invited, $owner, ['name' => $draft->name, 'role' => $role->value]);

            return User::query()->create([
                'name' => $draft->name,
                'email' => $draft->email,
                'password' => Str::random(self::UNUSABLE_LENGTH),
                'role' => $role,
                'fineness' => $this->settings->fineness(),
                'language' => $owner->language,
            ]);
        });
    }

    public function role(User $owner, User $person, Role $role): void
    {
        $this->manage(
            $owner,
            $person,
            ['role' => $role, 'role_standing' => null],
            AuditEvent::RoleChanged,
            ['role' => $role->value],
            static function () use ($person, $role): void {
                Revocation::ofRole($person->email, $role);
            },
        );
    }

    /** What they did stays under their name; they are signed out everywhere, and their programs with them, for good. */
    public function letGo(User $owner, User $person): void
    {
        $this->manage($owner, $person, ['left_at' => Date::now()], AuditEvent::Left, [], function () use (
            $person,
        ): void {
            Sessions::end($person);
            OutsideAccess::end($person);
            $this->links->close($person);
            Revocation::Person->note(Revocation::ofAddress($person->email));
        });
    }

    public function takenBack(User $owner, User $person): void
    {
        $this->manage(
            $owner,
            $person,
            ['left_at' => null],
            AuditEvent::RoleChanged,
            ['role' => $person->role?->value],
            static function () use ($person): void {
                Revocation::Person->lift(Revocation::ofAddress($person->email));
            },
        );
    }

    /**
     * @param  array<string, mixed>  $columns
     * @param  array<string, string|null>  $with  what the record of deeds says besides the name
     */
    private function manage(
        User $owner,
        User $person,
        array $columns,
        AuditEvent $deed,
        array $with,
        ?\Closure $besides = null,
    ): void {
        $this->gate->forUser($owner)->authorize('manage', $person);
        $this->door->inShop($owner, 'own', function () use ($owner, $person, $columns, $deed, $with, $besides): void {
            $person->update($columns);
            $besides === null || $besides();
            $this->deeds->record($deed, $owner, ['name' => $person->name, ...$with]);
        });
    }
}
