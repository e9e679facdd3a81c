<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use Illuminate\Support\Facades\DB;
use SQLite3;

/**
 * What would change if a prepared backup were put back: how much of what there is now and then, and what would be gone.
 */
final readonly class RestorePreview
{
    private const COUNTED = ['jobs', 'readings', 'tickets', 'photos', 'rigs', 'people'];

    private const TABLES = ['people' => 'users'];

    /**
     * @param  array<string, array{now: int, then: int}>  $counts  by what is counted
     * @param  list<string>  $gone  titles of jobs that are here and not in the backup
     * @param  string  $lastReading  taken in the backup; empty where there is none
     * @param  array<string, int>  $endedAgain  how many tokens, links, people, customers of the backup stay ended or
     *     erased, by kind
     */
    private function __construct(
        public array $counts,
        public array $gone,
        public int $goneReadings,
        public string $lastReading,
        public array $endedAgain,
    ) {
    }

    public static function of(string $prepared, CarriedForward $forward): self
    {
        $live = ShopCopy::open(DB::connection()->getDatabaseName());
        $attach = $live->prepare('ATTACH ? AS restored') ?: throw BackupRefused::damaged();
        $attach->bindValue(1, $prepared);
        $attach->execute();
        $counts = [];
        foreach (self::COUNTED as $what) {
            $table = self::TABLES[$what] ?? $what;
            $counts[$what] = [
                'now' => self::count($live, "main.{$table}"),
                'then' => self::count($live, "restored.{$table}"),
            ];
        }
        $gone = array_map(
            static fn (array $row): string => (string) $row['title'],
            SchemaOf::rows(
                $live,
                'SELECT title FROM main.jobs WHERE mark NOT IN (SELECT mark FROM restored.jobs) ORDER BY id DESC',
            ),
        );
        $goneReadings = (int) $live->querySingle(
            'SELECT count(*) FROM main.readings r JOIN main.jobs j ON j.id = r.job_id WHERE NOT EXISTS ('.
                'SELECT 1 FROM restored.readings o JOIN restored.jobs p ON p.id = o.job_id WHERE p.mark = j.mark '.
                'AND o.stance = r.stance AND o.axle = r.axle AND o.side = r.side AND o.taken_at = r.taken_at '.
                'AND o.typed IS r.typed)',
        );
        $lastReading = $live->querySingle('SELECT max(taken_at) FROM restored.readings');
        $live->close();

        return new self(
            $counts,
            $gone,
            $goneReadings,
            is_string($lastReading) ? $lastReading : '',
            $forward->counts($prepared),
        );
    }

    private static function count(SQLite3 $live, string $table): int
    {
        return (int) $live->querySingle("SELECT count(*) FROM {$table}");
    }
}
