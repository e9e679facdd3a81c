<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\Job;
use Illuminate\Support\Facades\DB;

/** A job with its rig, its loads, its care book and all that was read and done, as one JSON file (docs/formats.md). */
final class JobFile
{
    public const FORMAT = 'ivy-yoke-job';

    public const VERSION = 2;

    public const ENCODED =
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    private const OF_JOB = ['id', 'rig_id'];

    private const OF_RIG = ['id', 'vehicle_id', 'trailer_id', 'hitch_id', 'care_due_on'];

    /** @var array<int, int> place in the list of people, by number here */
    private array $people = [];

    /**
     * @param  array<string, mixed>|null  $analysis  what the readings tell, for whoever reads the file; never taken in
     */
    public function __construct(private readonly Job $job, private readonly ?array $analysis = null)
    {
    }

    public function json(): string
    {
        return json_encode($this->content(), self::ENCODED | JSON_PRETTY_PRINT)."\n";
    }

    /** @return array<string, mixed> */
    public function content(): array
    {
        $job = (array) DB::table('jobs')->where('id', $this->job->id)->first();
        $rig = (array) DB::table('rigs')->where('id', $this->job->rig_id)->first();
        $content = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'rig' => [
                ...Row::toFile(array_diff_key($rig, array_flip(self::OF_RIG)), ['found_setting']),
                ...array_map(
                    fn (string $table, string $part): array => Row::toFile(
                        (array) DB::table($table)->where('id', $rig["{$part}_id"])->first(),
                        ['sheet'],
                    ),
                    Lists::PARTS,
                    array_keys(Lists::PARTS),
                ),
            ],
            'job' => Row::toFile(array_diff_key($job, array_flip([...self::OF_JOB, 'extra'])), [
                'rig_as_worked',
                'head_place',
                'start',
            ]),
        ];
        $content['rig'] = $this->withLists($this->named($content['rig']), Lists::OF_RIG, 'rig_id', $this->job->rig_id);
        $content['job'] = $this->withLists($content['job'], Lists::OF_JOB, 'job_id', $this->job->id);
        $content['people'] = $this->everybody();
        if ($this->analysis !== null) {
            $content['analysis'] = $this->analysis;
        }

        return Pointers::put($content, json_decode((string) ($job['extra'] ?? 'null'), true) ?? []);
    }

    /**
     * The parts stand under their names, not their numbers.
     *
     * @param  array<array-key, mixed>  $rig
     * @return array<string, mixed>
     */
    private function named(array $rig): array
    {
        $named = [];
        foreach ($rig as $key => $value) {
            $named[is_int($key) ? array_keys(Lists::PARTS)[$key] : $key] = $value;
        }

        return $named;
    }

    /**
     * @param  array<string, mixed>  $owner
     * @param  array<string, array{string, list<string>}>  $lists
     * @return array<string, mixed>
     */
    private function withLists(array $owner, array $lists, string $key, int $id): array
    {
        foreach ($lists as $name => [$table, $json]) {
            $owner[$name] = $this->rows($table, $json, $key, $id);
        }

        return $owner;
    }

    /**
     * @param  list<string>  $json
     * @return list<array<string, mixed>>
     */
    private function rows(string $table, array $json, string $key, int $id): array
    {
        $places = [];
        $rows = [];
        foreach (DB::table($table)->where($key, $id)->orderBy('id')->get() as $place => $columns) {
            $columns = (array) $columns;
            $places[$columns['id']] = $place;
            $row = Row::toFile($columns, $json);
            if (isset($row['supersedes_id'])) {
                $row['supersedes_id'] = $places[$row['supersedes_id']];
            }
            $row['user_id'] = $this->person((int) $columns['user_id']);
            $rows[] =
                $table === 'procedure_runs'
                    ? [...$row, 'steps' => $this->rows(...[...Lists::STEPS, 'procedure_run_id', (int) $columns['id']])]
                    : $row;
        }

        return $rows;
    }

    private function person(int $id): int
    {
        return $this->people[$id] ??= count($this->people);
    }

    /** @return list<array{name: string, email: string}> in the order in which they are named */
    private function everybody(): array
    {
        $known = DB::table('users')
            ->whereIn('id', array_keys($this->people))
            ->get(['id', 'name', 'email'])
            ->keyBy('id');

        return array_map(
            static fn (int $id): array => [
                'name' => (string) $known[$id]?->name,
                'email' => (string) $known[$id]?->email,
            ],
            array_keys($this->people),
        );
    }
}
