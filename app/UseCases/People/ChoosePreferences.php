<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;

/** A person's own units, fineness, theme and language, and how readings are taken that somebody calls. */
final readonly class ChoosePreferences
{
    /** @param  array{fineness?: string, theme?: string, language?: string, calling?: array<string, mixed>}  $chosen */
    public function chosen(User $person, array $chosen): void
    {
        $person->update($chosen);
    }
}
