<?php

declare(strict_types=1);

namespace App\UseCases\HookUps;

use App\Models\Job;
use App\Models\Round;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Collection;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Parts\Stance;

/**
 * What is said of the hook-up that is on, besides its readings: how the bars were put on, and what a second count gave.
 */
final readonly class CorrectHookUp
{
    public function __construct(private WritingDoor $door)
    {
    }

    public function setBy(User $person, Job $job, SetBy $setBy): void
    {
        $this->door->onJob($person, $job, fn () => $this->write($job, ['set_by' => $setBy]));
    }

    /**
     * The setting as it was counted again: it holds for everything that was read at this hook-up.
     *
     * @param  array<string, float>  $steps  by adjuster; those that are left out stay as they are
     * @return array<string, float|null> the whole setting
     *
     * @throws ImpossibleSetting where the job's hitch has no such setting, or nobody wrote one down
     */
    public function counted(Job $job, array $steps): array
    {
        $adjusters = $job->rigAsWorked()->specified()->adjusters() ?? throw ImpossibleSetting::unknown('setting');
        $on = $job->settingOf($job->roundOf(Stance::Carried)) ?? throw ImpossibleSetting::unknown('setting');

        if ($steps === []) {
            throw ImpossibleSetting::missing($adjusters->all()[0]->key);
        }

        return $adjusters->recorded([...$on, ...$steps])->told();
    }

    /** @param  array<string, float|null>  $setting  as counted() gives it */
    public function count(User $person, Job $job, array $setting): void
    {
        $this->door->onJob($person, $job, fn () => $this->write($job, ['setting' => $setting, 'is_counted' => true]));
    }

    /** @param  array<string, mixed>  $columns */
    private function write(Job $job, array $columns): void
    {
        $this->rowsOn($job)->each(static fn (Round $round): bool => $round->update($columns));
    }

    /** @return Collection<int, Round> all rounds that were read without the bars coming off between */
    private function rowsOn(Job $job): Collection
    {
        $book = $job->load('rounds')->roundBook();
        $on = $book->hookUpOf($job->roundOf(Stance::Carried));

        return $job->rounds
            ->filter(
                static fn (Round $round): bool => $round->stance === Stance::Carried &&
                    $book->hookUpOf($round->number) === $on,
            )
            ->values();
    }
}
