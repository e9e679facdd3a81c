<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/**
 * Where else a name stands than with its customer: the record of who did what, practice on a rig of theirs, what a browser was
 * answered, files that wait to be taken in, and what the database has not overwritten yet.
 */
final readonly class ErasedTraces
{
    private const IMPORTS = 'imports';

    /** Table => columns that may hold a name, as text or within JSON. */
    private const COLUMNS = ['activity_log' => ['properties'], 'practice_runs' => ['rig_name', 'sheet', 'debrief'], 'imports' => ['file'], 'sent_entries' => ['answer']];

    private const RECORD_STAYS = "SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND tbl_name = 'activity_log'";

    public function __construct(private Filesystem $disk)
    {
    }

    /**
     * @param  array<string, string>  $names  what stands in place of each
     * @param  array<array-key, mixed>  $marks  of the rigs that were theirs
     */
    public function erase(array $names, array $marks): void
    {
        // The record is append-only for everything else.
        $triggers = DB::select(self::RECORD_STAYS);
        foreach ($triggers as $trigger) {
            DB::statement("DROP TRIGGER {$trigger->name}");
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                $this->replace($table, $column, $names);
            }
        }
        foreach ($triggers as $trigger) {
            DB::statement($trigger->sql);
        }
        $this->forgetWaitingImports(array_values([...array_map(strval(...), array_keys($names)), ...array_filter($marks, is_string(...))]));
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

    /** @param  array<string, string>  $names */
    private function replace(string $table, string $column, array $names): void
    {
        $pairs = $names;
        foreach ($names as $was => $is) {
            // As it stands within JSON, with and without its letters escaped.
            $pairs[trim((string) json_encode((string) $was), '"')] = trim((string) json_encode($is), '"');
            $pairs[trim((string) json_encode((string) $was, JSON_UNESCAPED_UNICODE), '"')] = trim((string) json_encode($is, JSON_UNESCAPED_UNICODE), '"');
        }
        $key = $table === 'sent_entries' ? 'mark' : 'id';
        foreach (array_keys($pairs) as $was) {
            foreach (DB::table($table)->whereRaw("instr({$column}, ?) > 0", [(string) $was])->get([$key, $column]) as $row) {
                DB::table($table)->where($key, $row->{$key})->update([$column => strtr((string) $row->{$column}, $pairs)]);
            }
        }
    }

    /** @param  list<string>  $words */
    private function forgetWaitingImports(array $words): void
    {
        foreach ($this->disk->files(self::IMPORTS) as $file) {
            $json = (string) $this->disk->get($file);
            if (array_filter($words, static fn (string $word): bool => str_contains($json, $word) || str_contains($json, trim((string) json_encode($word), '"'))) !== []) {
                $this->disk->delete($file);
            }
        }
    }
}
