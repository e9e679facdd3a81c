<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\Language;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;

/** The owner of an empty shop, made once. */
final readonly class MakeFirstOwner
{
    public function __construct(private OwnerCode $code, private AuditLog $deeds)
    {
    }

    /** Null where the shop has people meanwhile. */
    public function made(PersonDraft $draft, #[SensitiveParameter] string $password, Language $language): ?User
    {
        $owner = DB::transaction(static fn (): ?User => OwnerCode::isAwaited() ? User::query()->create([
            'name' => $draft->name,
            'email' => $draft->email,
            'password' => $password,
            'role' => Role::Owner,
            'language' => $language,
        ]) : null);
        if ($owner !== null) {
            $this->code->forget();
            $this->deeds->record(AuditEvent::Joined, $owner, ['name' => $owner->name, 'role' => Role::Owner->value]);
        }

        return $owner;
    }
}
