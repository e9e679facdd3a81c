<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\Import;
use App\Models\Job;
use App\Models\Rig;
use App\UseCases\Service\RigCare;
use App\Words\Text;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes a job file in: all of it, or nothing. */
final class JobImport
{
    /** @var list<int> by place in the file */
    private array $people = [];

    private int $import = 0;

    /** @var array<string, list<string>> by table */
    private array $columns = [];

    /** @param  array<string, mixed>  $content  as FileCheck lets it through */
    private function __construct(
        private array $content,
        private readonly WhenItExists $then,
        private readonly ImportedBy $by,
    ) {
        unset($this->content['analysis']);
        $this->content['version'] = JobFile::VERSION;
    }

    /** @throws ImportRefused */
    public static function take(string $json, WhenItExists $then, ImportedBy $by): self
    {
        $import = new self((new FileCheck())->read($json), $then, $by);
        $import->job = DB::transaction($import->write(...));

        return $import;
    }

    public Job $job;

    /** @return array{file: string, title: string, readings: int} what the record of deeds says of it */
    public function deed(): array
    {
        return [
            'file' => $this->by->file,
            'title' => $this->job->title,
            'readings' => count($this->content['job']['readings']),
        ];
    }

    /** @return list<string> pointers of fields that are not known here: kept, and handed on with the file */
    public function unknown(): array
    {
        return array_keys($this->job->extra ?? []);
    }

    private function write(): Job
    {
        $this->decide();
        $this->import = Import::query()->create([
            'file' => $this->by->file,
            'user_id' => $this->by->person?->id,
            'imported_at' => Date::now(),
        ])->id;
        $this->people = FilePeople::ids($this->content['people']);
        $rigId = $this->rig();
        $this->lists($this->content['rig'], Lists::OF_RIG, 'rig_id', $rigId);
        $jobId = DB::table('jobs')->insertGetId([
            'rig_id' => $rigId,
            'import_id' => $this->import,
            ...Row::toTable(array_intersect_key($this->content['job'], $this->columns('jobs')), [
                'rig_as_worked',
                'head_place',
                'start',
            ]),
        ]);
        $this->lists($this->content['job'], Lists::OF_JOB, 'job_id', $jobId);
        $job = Job::query()->findOrFail($jobId);
        /** @var array<string, mixed> $known */
        $known = json_decode((new JobFile($job))->json(), true, 512, JSON_THROW_ON_ERROR);
        $unknown = Pointers::missing($this->content, $known);
        DB::table('jobs')
            ->where('id', $jobId)
            ->update(['extra' => $unknown === [] ? null : json_encode($unknown, JobFile::ENCODED)]);
        (new RigCare(Rig::query()->findOrFail($rigId)))->look();

        return $job->refresh();
    }

    /** What is here already stops the import, unless somebody chose. */
    private function decide(): void
    {
        $here = $this->here();
        if ($this->then === WhenItExists::Copy) {
            $this->markAnew();
        } elseif ($this->then === WhenItExists::Stop && $here !== []) {
            throw ImportRefused::exists($here);
        } elseif (DB::table('jobs')->where('mark', $this->content['job']['mark'])->exists()) {
            throw ImportRefused::jobExists((string) $this->content['job']['title']);
        }
    }

    /** @return list<string> what of the file is here, in words */
    private function here(): array
    {
        $rig = $this->content['rig'];
        $asked = [
            'job' => ['jobs', $this->content['job']['mark'], $this->content['job']['title']],
            'rig' => [
                'rigs',
                $rig['mark'],
                Text::of('rig.pair', ['vehicle' => $rig['vehicle']['name'], 'trailer' => $rig['trailer']['name']]),
            ],
        ];
        foreach (Lists::PARTS as $part => $table) {
            $asked[$part] = [$table, $rig[$part]['mark'], $rig[$part]['name']];
        }
        $here = [];
        foreach ($asked as $what => [$table, $mark, $name]) {
            $here = DB::table($table)->where('mark', $mark)->exists() ? [...$here, "the {$what} {$name}"] : $here;
        }

        return $here;
    }

    private function markAnew(): void
    {
        $this->content['job']['mark'] = (string) Str::uuid();
        $this->content['rig']['mark'] = (string) Str::uuid();
        foreach (array_keys(Lists::PARTS) as $part) {
            $this->content['rig'][$part]['mark'] = (string) Str::uuid();
            $this->content['rig'][$part]['name'] = Str::limit($this->content['rig'][$part]['name'], 72, '').' (copy)';
        }
    }

    /** The rig that is here by its mark or its parts, or a new one. */
    private function rig(): int
    {
        $parts = [];
        foreach (Lists::PARTS as $part => $table) {
            $parts["{$part}_id"] =
                $this->idOf($table, $this->content['rig'][$part]['mark']) ??
                DB::table($table)->insertGetId(
                    Row::toTable(array_intersect_key($this->content['rig'][$part], $this->columns($table)), ['sheet']),
                );
        }
        $paired = DB::table('rigs')->where($parts)->value('id');

        return $this->idOf('rigs', $this->content['rig']['mark']) ??
            (is_numeric($paired)
                ? (int) $paired
                : DB::table('rigs')->insertGetId([
                    ...$parts,
                    ...Row::toTable(array_intersect_key($this->content['rig'], $this->columns('rigs')), [
                        'found_setting',
                    ]),
                ]));
    }

    private function idOf(string $table, string $mark): ?int
    {
        $id = DB::table($table)->where('mark', $mark)->value('id');

        return is_numeric($id) ? (int) $id : null;
    }

    /**
     * @param  array<string, mixed>  $owner
     * @param  array<string, array{string, list<string>}>  $lists
     */
    private function lists(array $owner, array $lists, string $key, int $id): void
    {
        foreach ($lists as $name => [$table, $json]) {
            /** @var list<array<string, mixed>> $rows */
            $rows = $owner[$name] ?? [];
            $this->rows($table, $json, $rows, [$key => $id]);
        }
    }

    /**
     * @param  list<string>  $json
     * @param  list<array<string, mixed>>  $rows
     * @param  array<string, int>  $owner
     */
    private function rows(string $table, array $json, array $rows, array $owner): void
    {
        $ids = [];
        foreach ($rows as $place => $row) {
            $columns = [...Row::toTable(array_intersect_key($row, $this->columns($table)), $json), ...$owner];
            $columns['user_id'] =
                $this->people[$row['user_id']] ??
                throw ImportRefused::at("/{$table}/{$place}/user_id", Text::of('expected.import.person'));
            if (isset($row['supersedes_id'])) {
                $columns['supersedes_id'] =
                    $ids[$row['supersedes_id']] ??
                    throw ImportRefused::at("/{$table}/{$place}/supersedes_id", Text::of('expected.import.earlier'));
            }
            if ($this->isHere($table, $columns)) {
                continue;
            }
            $ids[$place] = $this->insert($table, $place, ['import_id' => $this->import] + $columns);
            if (isset($row['steps'])) {
                $this->rows(...[...Lists::STEPS, $row['steps'], ['procedure_run_id' => $ids[$place]]]);
            }
        }
    }

    /** @param  array<string, mixed>  $columns */
    private function insert(string $table, int $place, array $columns): int
    {
        try {
            return DB::table($table)->insertGetId($columns);
        } catch (UniqueConstraintViolationException) {
            throw ImportRefused::at("/{$table}/{$place}", Text::of('expected.import.once'));
        }
    }

    /**
     * Of a rig that is merged, a load state of the same name and a line of the care book written down already stay as
     * they are.
     *
     * @param  array<string, mixed>  $columns
     */
    private function isHere(string $table, array $columns): bool
    {
        return match ($table) {
            'load_states' => DB::table($table)
                ->where(['rig_id' => $columns['rig_id'], 'name' => $columns['name']])
                ->exists(),
            'care_records' => DB::table($table)
                ->where(['rig_id' => $columns['rig_id'], 'task' => $columns['task'], 'done_at' => $columns['done_at']])
                ->exists(),
            default => false,
        };
    }

    /** @return array<string, int> names of a table's columns that a file may fill, as keys */
    private function columns(string $table): array
    {
        $this->columns[$table] ??= DB::getSchemaBuilder()->getColumnListing($table);

        return array_flip(
            array_diff($this->columns[$table], [
                'id',
                'import_id',
                'extra',
                'care_due_on',
                'job_id',
                'rig_id',
                'procedure_run_id',
                'user_id',
                'supersedes_id',
                'vehicle_id',
                'trailer_id',
                'hitch_id',
                'customer_id',
                'person_id',
            ]),
        );
    }
}
