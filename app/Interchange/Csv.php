<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Models\Job;
use App\Models\Reading;
use App\Models\WeighTicket;

/** Readings and tickets of a job as separated values: UTF-8, commas, a line of headings, mm and kg. */
final class Csv
{
    /** A cell that begins so would be taken for a formula by a spreadsheet. */
    private const FORMULA = '/^[=+\-@\t\r]/';

    public static function readings(Job $job): string
    {
        $lines = $job
            ->readings()
            ->with(['user', 'successor'])
            ->get()
            ->map(
                static fn (Reading $reading): array => [
                    $reading->taken_at->toIso8601ZuluString(),
                    $reading->user->name,
                    $reading->stance->value,
                    $reading->round,
                    $reading->axle->value,
                    $reading->side->value,
                    $reading->typed,
                    $reading->typed_unit->value,
                    $reading->height_mm,
                    $reading->settling->value,
                    $reading->instrument,
                    $reading->successor === null ? 'stands' : 'superseded',
                ],
            );

        return self::text(
            [
                'taken_at',
                'by',
                'stance',
                'round',
                'axle',
                'side',
                'typed',
                'typed_unit',
                'height_mm',
                'settling',
                'instrument',
                'state',
            ],
            array_values($lines->all()),
        );
    }

    public static function tickets(Job $job): string
    {
        $lines = $job
            ->tickets()
            ->with('user')
            ->get()
            ->map(static function (WeighTicket $ticket): array {
                $loads = [];
                foreach ($ticket->platforms as $platform) {
                    $loads[implode('+', $platform['axles'])] = $platform['kg'];
                }

                return [
                    $ticket->weighed_at->toIso8601ZuluString(),
                    $ticket->user->name,
                    $ticket->stance->value,
                    $ticket->round,
                    ...array_map(static fn (string $axles): ?float => $loads[$axles] ?? null, [
                        'front',
                        'rear',
                        'trailer',
                        'front+rear',
                        'rear+trailer',
                    ]),
                    array_sum($loads),
                    $ticket->step_kg,
                    $ticket->withdrawn_at === null ? 'stands' : 'withdrawn',
                    implode(' ', array_column($ticket->conditions(), 'value')),
                    $ticket->typed,
                ];
            });

        return self::text(
            [
                'weighed_at',
                'by',
                'stance',
                'round',
                'front_kg',
                'rear_kg',
                'trailer_kg',
                'front+rear_kg',
                'rear+trailer_kg',
                'gross_kg',
                'step_kg',
                'state',
                'conditions',
                'typed',
            ],
            array_values($lines->all()),
        );
    }

    /**
     * @param  list<string>  $headings
     * @param  list<array<int, float|int|string|null>>  $lines
     */
    private static function text(array $headings, array $lines): string
    {
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('Memory could not be opened.');
        foreach ([$headings, ...$lines] as $line) {
            fputcsv(
                $file,
                array_map(
                    static fn (float|int|string|null $cell): float|int|string|null => is_string($cell) &&
                    preg_match(self::FORMULA, $cell) === 1
                        ? "'{$cell}"
                        : $cell,
                    $line,
                ),
                ',',
                '"',
                '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }
}
