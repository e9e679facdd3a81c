<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/**
 * Where else a name stands than with its customer: the record of who did what, practice on a rig of theirs, what a
 * browser was
 * answered, files that wait to be taken in, and what the database has not overwritten yet.
 */
final readonly class ErasedTraces
{
    private const IMPORTS = 'imports';

    /**
     * Table => column => keys within its JSON that hold what people typed; none of a column that is text. Nothing else
     * is touched.
     */
    private const COLUMNS = [
        'activity_log' => ['properties' => ['title', 'file', 'part']],
        'practice_runs' => ['rig_name' => [], 'sheet' => ['name'], 'debrief' => ['name']],
        'imports' => ['file' => []],
    ];

    private const RECORD_STAYS = "SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND tbl_name = ".
        "'activity_log'";

    public function __construct(private Filesystem $disk)
    {
    }

    /**
     * @param  array<string, string>  $names  what stands in place of each
     * @param  array<array-key, mixed>  $marks  of the rigs that were theirs
     */
    public function erase(array $names, array $marks): void
    {
        // A title with a name in it is a title first.
        uksort(
            $names,
            static fn (int|string $one, int|string $other): int => mb_strlen((string) $other) <=>
                mb_strlen((string) $one),
        );
        // The record is append-only for everything else.
        $triggers = DB::select(self::RECORD_STAYS);
        foreach ($triggers as $trigger) {
            DB::statement("DROP TRIGGER {$trigger->name}");
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column => $keys) {
                $this->replace($table, $column, $keys, $names);
            }
        }
        $this->forgetAnswers(array_map(strval(...), array_keys($names)));
        foreach ($triggers as $trigger) {
            DB::statement($trigger->sql);
        }
        $this->forgetWaitingImports(
            array_values([
                ...array_map(strval(...), array_keys($names)),
                ...array_filter($marks, is_string(...)),
            ]),
        );
    }

    /** What was overwritten is in no page of the database and in no log beside it, once the answer is out. */
    public function scrubLater(): void
    {
        defer(static function (): void {
            if (DB::transactionLevel() === 0) {
                DB::statement('VACUUM');
                DB::select('PRAGMA wal_checkpoint(TRUNCATE)');
            }
        });
    }

    /**
     * @param  list<string>  $keys
     * @param  array<string, string>  $names
     */
    private function replace(string $table, string $column, array $keys, array $names): void
    {
        foreach (DB::table($table)->whereNotNull($column)->pluck($column, 'id')->all() as $id => $kept) {
            $kept = (string) $kept;
            $json = $keys === [] ? null : json_decode($kept, true);
            if (is_array($json)) {
                array_walk_recursive($json, static function (mixed &$value, int|string $key) use (
                    $keys,
                    $names,
                ): void {
                    $value =
                        is_string($value) && in_array($key, $keys, true)
                            ? self::nameless($value, $names)
                            : $value;
                });
                $now =
                    $json === json_decode($kept, true)
                        ? $kept
                        : json_encode(
                            $json,
                            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
                        );
            } else {
                $now = $keys === [] ? self::nameless($kept, $names) : $kept;
            }
            if ($now !== $kept) {
                DB::table($table)
                    ->where('id', $id)
                    ->update([$column => $now]);
            }
        }
    }

    /**
     * Names as words of their own: one that is part of a longer word is another word.
     *
     * @param  array<string, string>  $names
     */
    private static function nameless(string $text, array $names): string
    {
        foreach ($names as $was => $is) {
            $text = (string) preg_replace_callback(
                '/(?<![\pL\pN])'.preg_quote((string) $was, '/').'(?![\pL\pN])/u',
                static fn (): string => $is,
                $text,
            );
        }

        return $text;
    }

    /** @param  list<string>  $words  an answer that says one is kept no longer; that it came is */
    private function forgetAnswers(array $words): void
    {
        foreach ($words as $word) {
            foreach ([$word, trim((string) json_encode($word), '"')] as $written) {
                DB::table('sent_entries')
                    ->whereRaw('instr(answer, ?) > 0', [$written])
                    ->update(['answer' => null]);
            }
        }
    }

    /** @param  list<string>  $words */
    private function forgetWaitingImports(array $words): void
    {
        foreach ($this->disk->files(self::IMPORTS) as $file) {
            $json = (string) $this->disk->get($file);
            if (
                array_filter(
                    $words,
                    static fn (string $word): bool => str_contains($json, $word) ||
                        str_contains($json, trim((string) json_encode($word), '"')),
                ) !== []
            ) {
                $this->disk->delete($file);
            }
        }
    }
}
