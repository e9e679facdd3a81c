<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use App\Models\Customer;
use App\Models\Revocation;
use App\Models\Role;
use App\UseCases\Customers\Erasure;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What was revoked, erased and left after a backup was made stays so when it is restored: the notes of it (Revocation)
 * are carried
 * into the prepared copy, and what they name is ended there too, before anything of it reaches the shop.
 */
final readonly class CarriedForward
{
    private const CONNECTION = 'restored';

    public function __construct(private Erasure $erasure)
    {
    }

    /** @return array<string, int> by kind: how many of the copy would be ended or erased again */
    public function counts(string $prepared): array
    {
        return $this->with(
            $prepared,
            fn (Connection $restored): array => array_filter(
                array_map(count(...), $this->named($restored, $this->noted($restored))),
            ),
        );
    }

    /** Ends in the prepared copy what has ended here. */
    public function apply(string $prepared): void
    {
        $owners = DB::table('users')->where('role', Role::Owner->value)->whereNull('left_at')->get();
        $this->with($prepared, function (Connection $restored) use ($owners): void {
            $noted = $this->noted($restored);
            foreach ($noted as $note) {
                $restored
                    ->table(Revocation::TABLE)
                    ->updateOrInsert(
                        ['kind' => $note->kind, 'subject' => $note->subject],
                        ['is_lifted' => $note->is_lifted, 'at' => $note->at],
                    );
            }
            $named = $this->named($restored, $noted);
            $this->end($restored, $named);
            $this->erase($named[Revocation::Customer->value]);
            $this->leaveAnOwner($restored, $owners->all());
        });
    }

    /**
     * Of both, the later word on each thing.
     *
     * @return list<object{kind: string, subject: string, is_lifted: int, at: string}&stdClass>
     */
    private function noted(Connection $restored): array
    {
        $latest = [];
        foreach (
            [
                ...$restored->table(Revocation::TABLE)->get()->all(),
                ...DB::table(Revocation::TABLE)->get()->all(),
            ] as $note
        ) {
            $key = "{$note->kind} {$note->subject}";
            $latest[$key] = isset($latest[$key]) && $latest[$key]->at > $note->at ? $latest[$key] : $note;
        }

        /** @var list<object{kind: string, subject: string, is_lifted: int, at: string}&stdClass> */
        return array_values($latest);
    }

    /**
     * The numbers of the rows that are named in a note and still stand.
     *
     * @param  list<object{kind: string, subject: string, is_lifted: int, at: string}&stdClass>  $noted
     * @return array<string, list<int>> by kind
     */
    private function named(Connection $restored, array $noted): array
    {
        $ended = array_fill_keys(array_column(Revocation::cases(), 'value'), []);
        foreach ($noted as $note) {
            if ((int) $note->is_lifted === 0) {
                $ended[$note->kind][$note->subject] = true;
            }
        }
        $stand = [
            Revocation::Token->value => [
                $restored->table('api_tokens')->whereNull('revoked_at')->pluck('hash', 'id')->all(),
                static fn (string $hash): string => $hash,
            ],
            Revocation::Calendar->value => [
                $restored->table('calendar_links')->whereNull('revoked_at')->pluck('hash', 'id')->all(),
                static fn (string $hash): string => $hash,
            ],
            Revocation::Card->value => [
                $restored->table('card_links')->whereNull('revoked_at')->pluck('token', 'id')->all(),
                static fn (string $token): string => hash('sha256', $token),
            ],
            Revocation::Person->value => [
                $restored
                    ->table('users')
                    ->whereNotNull('role')
                    ->whereNull('left_at')
                    ->pluck('email', 'id')
                    ->all(),
                Revocation::ofAddress(...),
            ],
            Revocation::Ownership->value => [
                $restored->table('users')->where('role', Role::Owner->value)->pluck('email', 'id')->all(),
                Revocation::ofAddress(...),
            ],
            Revocation::Work->value => [
                $restored
                    ->table('users')
                    ->whereIn('role', [Role::Owner->value, Role::Fitter->value])
                    ->pluck('email', 'id')
                    ->all(),
                Revocation::ofAddress(...),
            ],
            Revocation::Customer->value => [
                $restored->table('customers')->whereNotNull('mark')->pluck('mark', 'id')->all(),
                static fn (string $mark): string => $mark,
            ],
        ];

        $named = [];
        foreach ($stand as $kind => [$rows, $subject]) {
            $named[$kind] = array_keys(
                array_filter($rows, static fn (mixed $of): bool => isset($ended[$kind][$subject((string) $of)])),
            );
        }

        return $named;
    }

    /** @param  array<string, list<int>>  $named */
    private function end(Connection $restored, array $named): void
    {
        $now = now()->format('Y-m-d H:i:s');
        $gone = $named[Revocation::Person->value];
        $restored
            ->table('users')
            ->whereIn('id', $gone)
            ->update(['left_at' => $now]);
        $tables = [Revocation::Token->value => 'api_tokens', Revocation::Calendar->value => 'calendar_links'];
        foreach ($tables as $kind => $table) {
            $restored
                ->table($table)
                ->whereNull('revoked_at')
                ->where(static fn ($rows) => $rows->whereIn('id', $named[$kind])->orWhereIn('user_id', $gone))
                ->update(['revoked_at' => $now]);
        }
        $lowered = [Revocation::Ownership->value => Role::Fitter, Revocation::Work->value => Role::Desk];
        foreach ($lowered as $kind => $role) {
            $restored
                ->table('users')
                ->whereIn('id', $named[$kind])
                ->update(['role' => $role->value]);
        }
        $restored
            ->table('card_links')
            ->whereIn('id', $named[Revocation::Card->value])
            ->update(['revoked_at' => $now]);
    }

    /** @param  list<int>  $customers */
    private function erase(array $customers): void
    {
        $shop = DB::getDefaultConnection();
        DB::setDefaultConnection(self::CONNECTION);
        try {
            Customer::query()->whereKey($customers)->get()->each($this->erasure->of(...));
        } finally {
            DB::setDefaultConnection($shop);
        }
    }

    /**
     * A shop is never left to nobody: where all owners of the backup have gone, those of now are its owners.
     *
     * @param  array<int, stdClass>  $owners  of the shop as it is
     */
    private function leaveAnOwner(Connection $restored, array $owners): void
    {
        if (
            $restored
                ->table('users')
                ->whereNull('left_at')
                ->where(
                    static fn ($people) => $people
                        ->where('role', Role::Owner->value)
                        ->orWhere('role_standing', 'asked'),
                )
                ->exists()
        ) {
            return;
        }
        foreach ($owners as $owner) {
            $restored
                ->table('users')
                ->updateOrInsert(['email' => $owner->email], array_diff_key((array) $owner, ['id' => 0]));
        }
    }

    /**
     * @template T
     *
     * @param  Closure(Connection): T  $do
     * @return T
     */
    private function with(string $prepared, Closure $do): mixed
    {
        config([
            'database.connections.'.self::CONNECTION => ['database' => $prepared, 'journal_mode' => 'DELETE'] +
                (array) config('database.connections.sqlite'),
        ]);
        try {
            return $do(DB::connection(self::CONNECTION));
        } finally {
            DB::purge(self::CONNECTION);
        }
    }
}
