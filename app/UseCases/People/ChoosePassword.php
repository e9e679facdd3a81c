<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use Illuminate\Contracts\Hashing\Hasher;
use SensitiveParameter;

/**
 * A person's own password: by a link that lets them in, or in place of the one they have. Other sign-ins end with it.
 */
final readonly class ChoosePassword
{
    public function __construct(private EntryLinks $links, private AuditLog $deeds, private Hasher $hasher)
    {
    }

    /** @param  string  $kind  of link (EntryLinks) */
    public function byLink(User $person, #[SensitiveParameter] string $password, string $kind): void
    {
        $person->update(['password' => $password]);
        $this->links->close($person);
        Sessions::end($person);
        $deed = $kind === EntryLinks::INVITATION ? AuditEvent::Joined : AuditEvent::PasswordChanged;
        $this->deeds->record($deed, $person, ['name' => $person->name, 'role' => $person->role?->value]);
    }

    /** @param  string|null  $session  that goes on */
    public function inPlace(User $person, #[SensitiveParameter] string $password, ?string $session): void
    {
        $person->update(['password' => $password]);
        Sessions::end($person, $session);
        $this->deeds->record(AuditEvent::PasswordChanged, $person, ['name' => $person->name]);
    }

    /** The same password, kept as this shop hashes now. */
    public function hashedAnew(User $person, #[SensitiveParameter] string $typed): void
    {
        if ($this->hasher->needsRehash($person->password)) {
            $person->update(['password' => $typed]);
        }
    }
}
