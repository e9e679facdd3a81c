<?php

declare(strict_types=1);

namespace App\UseCases\Settings;

use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use PDOException;
use Yoke\Job\Shop\ShopSettings;

/** What the shop chose, kept with who chose it and when; the latest of each counts. */
final readonly class KeptSettings
{
    private const TABLE = 'shop_settings';

    public function __construct(private AuditLog $deeds)
    {
    }

    /** Where there is no database, as for a command that reads a file, all is as usual. */
    public static function read(): ShopSettings
    {
        try {
            $latest = DB::table(self::TABLE)
                ->whereIn('id', DB::table(self::TABLE)->selectRaw('max(id)')->groupBy('key'))
                ->pluck('value', 'key')
                ->all();
        } catch (PDOException|SQLiteDatabaseDoesNotExistException) {
            $latest = [];
        }

        return ShopSettings::of(self::decoded($latest));
    }

    /**
     * Keeps those that differ from what is kept.
     *
     * @param  array<string, float|string>  $chosen  all that are not as usual, by key
     * @return int how many changed
     */
    public function choose(array $chosen, User $by): int
    {
        $now = self::read();
        $then = ShopSettings::of($chosen);
        $changed = 0;
        DB::transaction(function () use ($now, $then, $by, &$changed): void {
            foreach (ShopSettings::all() as $key => $setting) {
                if ($now->value($key) !== $then->value($key)) {
                    DB::table(self::TABLE)->insert([
                        'key' => $key,
                        'value' => $then->isChosen($key)
                            ? json_encode($then->value($key), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)
                            : null,
                        'user_id' => $by->id,
                        'set_at' => Date::now(),
                    ]);
                    $this->deeds->record(AuditEvent::SettingChanged, $by, [
                        'key' => $key,
                        'before' => $now->value($key),
                        'after' => $then->value($key),
                    ]);
                    $changed++;
                }
            }
        });

        return $changed;
    }

    /**
     * @return list<array{key: string, value: float|string|null, who: string, at: string}> the latest first; null: as
     *     usual again
     */
    public static function history(int $most): array
    {
        $rows = [];
        foreach (
            DB::table(self::TABLE)
                ->leftJoin('users', 'users.id', '=', 'user_id')
                ->orderByDesc(self::TABLE.'.id')
                ->limit($most)
                ->get(['key', 'value', 'name', 'set_at']) as $row
        ) {
            $rows[] = [
                'key' => (string) $row->key,
                'value' => self::decoded([(string) $row->key => $row->value])[(string) $row->key] ?? null,
                'who' => (string) $row->name,
                'at' => (string) $row->set_at,
            ];
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $kept  JSON by key
     * @return array<string, float|string>
     */
    private static function decoded(array $kept): array
    {
        $values = [];
        foreach ($kept as $key => $json) {
            $value = is_string($json) ? json_decode($json) : null;
            if (is_string($value) || is_float($value) || is_int($value)) {
                $values[(string) $key] = is_int($value) ? (float) $value : $value;
            }
        }

        return $values;
    }
}
