<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** The people that a file names: those who are here by their address, the others as names without a sign-in. */
final class FilePeople
{
    /** Fits no password. */
    private const NO_PASSWORD = '!';

    private const AT_ONCE = 200;

    /**
     * @param  list<array{name: string, email: string}>  $people
     * @return list<int> their numbers here, by place in the file
     */
    public static function ids(array $people): array
    {
        $emails = array_column($people, 'email');
        $known = self::known($emails);
        $new = array_filter(
            $people,
            static fn (array $person): bool => ! isset($known[mb_strtolower($person['email'])]),
        );
        $rows = [];
        foreach ($new as $person) {
            $rows[mb_strtolower($person['email'])] ??= [
                'name' => $person['name'],
                'email' => $person['email'],
                'password' => self::NO_PASSWORD,
                'created_at' => Date::now(),
                'updated_at' => Date::now(),
            ];
        }
        foreach (array_chunk(array_values($rows), self::AT_ONCE) as $chunk) {
            DB::table('users')->insert($chunk);
        }
        $known += $rows === [] ? [] : self::known($emails);

        return array_map(static fn (string $email): int => $known[mb_strtolower($email)], $emails);
    }

    /**
     * @param  list<string>  $emails
     * @return array<string, int> by address in small letters
     */
    private static function known(array $emails): array
    {
        $known = [];
        foreach (
            array_chunk(array_values(array_unique(array_map(mb_strtolower(...), $emails))), self::AT_ONCE) as $chunk
        ) {
            $marks = implode(', ', array_fill(0, count($chunk), '?'));
            foreach (
                User::query()
                    ->whereRaw("lower(email) IN ({$marks})", $chunk)
                    ->get(['id', 'email']) as $person
            ) {
                $known[mb_strtolower($person->email)] = $person->id;
            }
        }

        return $known;
    }
}
