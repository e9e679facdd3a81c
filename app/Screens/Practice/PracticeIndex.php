<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Models\PracticeRun;
use App\Models\Rig;
use App\Models\User;
use App\Words\PracticeWords;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Learning\LearningBook;
use Yoke\Proving\Practice\Learning\PracticeResult;
use Yoke\Proving\Practice\Learning\SkillRecord;

/** Where somebody begins to practise: what comes next, what is half done, what was learned. */
final readonly class PracticeIndex
{
    private const SHOWN = 12;

    private const RIGS = 60;

    /** @var Collection<int, PracticeRun> of this person, the latest first */
    private Collection $runs;

    public LearningBook $book;

    public function __construct(public User $person)
    {
        $this->runs = PracticeRun::query()->where('user_id', $person->id)->latest('id')->get();
        $this->book = new LearningBook($this->results());
    }

    public function next(): ExerciseCode
    {
        return $this->book->next(PracticeRun::day(CarbonImmutable::instance(Date::now())));
    }

    /** @return list<PracticeRun> begun and not over */
    public function open(): array
    {
        return array_values(
            $this->runs
                ->filter(static fn (PracticeRun $run): bool => $run->finished_at === null)
                ->take(self::SHOWN)
                ->all(),
        );
    }

    /** @return list<PracticeRun> */
    public function over(): array
    {
        return array_values(
            $this->runs
                ->filter(static fn (PracticeRun $run): bool => $run->finished_at !== null)
                ->take(self::SHOWN)
                ->all(),
        );
    }

    /** How many are over. */
    public function played(): int
    {
        return $this->runs->filter(static fn (PracticeRun $run): bool => $run->finished_at !== null)->count();
    }

    /** @return list<Level> that are drawn */
    public static function levels(): array
    {
        return array_values(array_filter(Level::cases(), static fn (Level $level): bool => $level !== Level::OwnRig));
    }

    /** @return list<Rig> of the garage, those used last first */
    public static function rigs(): array
    {
        return array_values(
            Rig::query()
                ->with(['vehicle', 'trailer', 'hitch'])
                ->whereNull('archived_at')
                ->latest('id')
                ->limit(self::RIGS)
                ->get()
                ->all(),
        );
    }

    /** @return list<string> */
    public function strengths(): array
    {
        return self::named($this->book->strengths());
    }

    /** @return list<string> */
    public function missed(): array
    {
        return self::named($this->book->missed());
    }

    /** @return list<PracticeResult> in the order they were played */
    private function results(): array
    {
        return array_values(
            array_filter(
                $this->runs->sortBy('id')->map(static fn (PracticeRun $run): ?PracticeResult => $run->result())->all(),
            ),
        );
    }

    /**
     * @param  list<SkillRecord>  $records
     * @return list<string>
     */
    private static function named(array $records): array
    {
        return array_map(static fn (SkillRecord $record): string => PracticeWords::skill($record->key), $records);
    }
}
