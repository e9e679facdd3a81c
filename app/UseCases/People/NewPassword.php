<?php

declare(strict_types=1);

namespace App\UseCases\People;

/** What a password has to be: long, nobody's first guess, and not the person's own name. */
final readonly class NewPassword
{
    public const LEAST = 12;

    /** More than that is no password: it is hashed, and hashing takes its time. */
    public const MOST = 200;

    public function __construct(private CommonPasswords $common)
    {
    }

    /**
     * @param  list<string>  $of  names and addresses of the person
     * @return string the key of what is wrong with it, or an empty text
     */
    public function problem(string $password, string $again, array $of): string
    {
        $letters = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::LEAST => 'short',
            strlen($password) > self::MOST => 'long',
            $this->common->has($password) => 'common',
            array_filter(
                $of,
                static fn (string $name): bool => mb_strlen($name) > 3 &&
                    trim(str_replace(mb_strtolower($name), '', $letters), '0123456789 .-_@!') === '',
            ) !== [] => 'own-name',
            $password !== $again => 'differs',
            default => '',
        };
    }
}
