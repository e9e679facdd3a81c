<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\Role;
use App\Models\User;
use App\Words\Text;

/** Somebody who is to be let in, as typed. */
final readonly class PersonDraft
{
    private const LONGEST_EMAIL = 120;

    public string $name;

    public string $email;

    public ?Role $role;

    /** @param  array<string, string>  $typed */
    public function __construct(array $typed)
    {
        $this->name = trim($typed['name'] ?? '');
        $this->email = mb_strtolower(trim($typed['email'] ?? ''));
        $this->role = Role::tryFrom($typed['role'] ?? '');
    }

    /** @return array<string, string> by field: what was expected */
    public function problems(): array
    {
        return array_filter([
            'name' => preg_match('/^[^<>[:cntrl:]]{1,80}$/u', $this->name) === 1
                    ? ''
                    : Text::of('screen.people.name-expected'),
            'email' => match (true) {
                filter_var($this->email, FILTER_VALIDATE_EMAIL) === false ||
                    strlen($this->email) > self::LONGEST_EMAIL => Text::of('screen.people.address-expected'),
                User::query()
                    ->whereRaw('lower(email) = ?', [$this->email])
                    ->exists() => Text::of('screen.people.address-taken'),
                default => '',
            },
        ]);
    }
}
