<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Auth\Passwords\PasswordBrokerManager;

/**
 * Links by which somebody chooses a password: to come in for the first time, or after it was forgotten. Good once, for
 * a while.
 */
final readonly class EntryLinks
{
    public const INVITATION = 'invitation';

    public const RESET = 'reset';

    public const KINDS = [self::INVITATION => 'invitations', self::RESET => 'resets'];

    public function __construct(private PasswordBrokerManager $brokers)
    {
    }

    /** A new one of the kind; the one before is good no more. */
    public function make(User $person, string $kind): string
    {
        return route('join', [$kind, $person->id, $this->broker($kind)->createToken($person)]);
    }

    /** Whose link it is; nobody's where it is guessed, used, too old, or of somebody who left. */
    public function person(string $kind, int $id, string $token): ?User
    {
        $person = isset(self::KINDS[$kind]) ? User::here()->find($id) : null;

        return $person !== null && $this->broker($kind)->tokenExists($person, $token) ? $person : null;
    }

    /** Of either kind, after a password was chosen or its person left. */
    public function close(User $person): void
    {
        foreach (array_keys(self::KINDS) as $kind) {
            $this->broker($kind)->deleteToken($person);
        }
    }

    private function broker(string $kind): PasswordBroker
    {
        $broker = $this->brokers->broker(self::KINDS[$kind]);

        return $broker instanceof PasswordBroker
            ? $broker
            : throw new \LogicException('Expected the framework\'s own password broker.');
    }
}
