<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use stdClass;

/**
 * One row of a table as it stands in a file, and back: what it belongs to, and its number, are left to the place it
 * stands at; who owns it and who works on it stay in the shop.
 */
final class Row
{
    private const LEFT_OUT = ['id', 'job_id', 'rig_id', 'procedure_run_id', 'import_id', 'customer_id', 'person_id'];

    /**
     * @param  array<string, mixed>  $columns
     * @param  list<string>  $json  columns that hold JSON
     * @return array<string, mixed>
     */
    public static function toFile(array $columns, array $json): array
    {
        $row = [];
        foreach (array_diff_key($columns, array_flip(self::LEFT_OUT)) as $name => $value) {
            $row[$name] = match (true) {
                $value === null => null,
                in_array($name, $json, true) => self::decoded($name, (string) $value),
                in_array($name, Lists::FLAGS, true) => (bool) $value,
                $name === 'jpeg' => base64_encode((string) $value),
                $name === 'booked_on' => substr((string) $value, 0, 10),
                self::isTime($name) => str_replace(' ', 'T', (string) $value).'Z',
                default => $value,
            };
        }

        return $row;
    }

    /**
     * @param  array<string, mixed>  $row  as the schema allows it
     * @param  list<string>  $json
     * @return array<string, mixed>
     */
    public static function toTable(array $row, array $json): array
    {
        $columns = [];
        foreach ($row as $name => $value) {
            $columns[$name] = match (true) {
                $value === null => null,
                in_array($name, $json, true) => json_encode(
                    $value === [] && ! in_array($name, Lists::LISTS, true) ? new stdClass() : $value,
                    JobFile::ENCODED,
                ),
                $name === 'jpeg' => base64_decode((string) $value, true),
                $name === 'booked_on' => "{$value} 00:00:00",
                self::isTime($name) => str_replace(['T', 'Z'], [' ', ''], (string) $value),
                default => $value,
            };
        }

        return $columns;
    }

    private static function isTime(string $name): bool
    {
        return $name === 'at' || str_ends_with($name, '_at');
    }

    /** An object without fields stays one. */
    private static function decoded(string $name, string $json): mixed
    {
        $value = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return $value === [] && ! in_array($name, Lists::LISTS, true) ? new stdClass() : $value;
    }
}
