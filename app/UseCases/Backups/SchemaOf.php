<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use SQLite3;

/** What a database is made of: its tables with columns, indexes and references, its triggers and views. */
final class SchemaOf
{
    /** @return array<string, mixed> to be held against another's: the order of columns does not count */
    public static function database(SQLite3 $database): array
    {
        $schema = [];
        foreach (
            self::rows(
                $database,
                "SELECT type, name, tbl_name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE ".
                    "'\\' ORDER BY type, name",
            ) as $row
        ) {
            $key = "{$row['type']} {$row['name']}";
            $schema[$key] =
                $row['type'] === 'table'
                    ? self::table($database, (string) $row['name'])
                    : self::words((string) $row['sql']);
        }
        ksort($schema);

        return $schema;
    }

    /** @return list<string> its tables */
    public static function tables(SQLite3 $database, string $schema = 'main'): array
    {
        return array_map(
            static fn (array $row): string => (string) $row['name'],
            self::rows(
                $database,
                "SELECT name FROM {$schema}.sqlite_master WHERE type = 'table' ".
                    "AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY name",
            ),
        );
    }

    /** @return list<string> names of a table's columns */
    public static function columns(SQLite3 $database, string $table): array
    {
        return array_map(
            static fn (array $row): string => (string) $row['name'],
            self::rows($database, 'PRAGMA table_xinfo('.self::quoted($table).')'),
        );
    }

    /** @return list<array<string, mixed>> */
    public static function rows(SQLite3 $database, string $query): array
    {
        $found = $database->query($query);
        $rows = [];
        while ($found !== false && is_array($row = $found->fetchArray(SQLITE3_ASSOC))) {
            $rows[] = $row;
        }

        return $rows;
    }

    public static function quoted(string $name): string
    {
        return '"'.str_replace('"', '""', $name).'"';
    }

    /** @return array<string, list<string>> */
    private static function table(SQLite3 $database, string $table): array
    {
        $name = self::quoted($table);
        $parts = [
            'columns' => array_map(
                static fn (array $column): array => array_diff_key($column, ['cid' => 0]),
                self::rows($database, "PRAGMA table_xinfo({$name})"),
            ),
            'references' => array_map(
                static fn (array $reference): array => array_diff_key($reference, ['id' => 0]),
                self::rows($database, "PRAGMA foreign_key_list({$name})"),
            ),
            'indexes' => array_map(
                static fn (array $index): array => [
                    'unique' => $index['unique'],
                    'partial' => $index['partial'],
                    'of' => self::rows(
                        $database,
                        'PRAGMA index_info('.self::quoted((string) $index['name']).')',
                    ),
                ],
                self::rows($database, "PRAGMA index_list({$name})"),
            ),
        ];

        return array_map(static function (array $rows): array {
            $lines = array_map(static fn (array $row): string => self::words((string) json_encode($row)), $rows);
            sort($lines);

            return $lines;
        }, $parts);
    }

    private static function words(string $sql): string
    {
        return mb_strtolower((string) preg_replace('/\s+/', ' ', trim($sql)));
    }
}
