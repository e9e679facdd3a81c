<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;
use App\Words\Text;
use Illuminate\Contracts\Hashing\Hasher;
use SensitiveParameter;

/**
 * Whether somebody who says to be a person knows their password. What is wrong and what is nobody's takes the same
 * work.
 */
final readonly class PasswordCheck
{
    /** Of nothing that anybody knows; what it costs to compare with stands in its first letters. */
    private const STAND_IN = '$2y$12$FB7nfniGTUwzNOaQ4Eu3Uegj7fRb4Vh6/O8vg4p8CtHtj.2hnJL52';

    /** @param  int  $rounds  that passwords of this shop are hashed by (bcrypt's cost) */
    public function __construct(private Hasher $hasher, private SignInTries $tries, private int $rounds)
    {
    }

    /** Of whoever is signed in already: an empty text where it is right, else what was expected. */
    public function problem(User $person, #[SensitiveParameter] string $typed, string $address): string
    {
        $wait = $this->tries->take($person->email, $address, 'known');
        if ($wait > 0) {
            return Text::of('screen.people.too-many-tries', ['seconds' => $wait]);
        }
        if (! $this->fits($person, $typed)) {
            return Text::of('screen.people.wrong-password');
        }
        $this->tries->succeeded($person->email, $address);

        return '';
    }

    /** @param  User|null  $person  nobody: the work is done all the same */
    public function fits(?User $person, #[SensitiveParameter] string $typed): bool
    {
        $kept =
            $person !== null && $person->isHere() && $this->hasher->info($person->password)['algo'] !== null
                ? $person->password
                : null;
        $fits = $this->hasher->check($typed, $kept ?? $this->standIn());

        return $fits && $kept !== null;
    }

    /** As much work as a password of this shop. */
    private function standIn(): string
    {
        return sprintf('$2y$%02d$', $this->rounds).substr(self::STAND_IN, 7);
    }
}
