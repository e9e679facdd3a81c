<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Models\Aboard;
use App\Models\Job;
use App\Models\LoadState;
use App\Models\RigSnapshot;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Planning\LoadedState;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Measuring\Estimation\CarriedOverPrior;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Specification\RigPart;

/** A rig that comes back: its last setting, corrected for what travels now by what the last readings told. */
final readonly class ReturnVisit
{
    private PastSetUp $last;

    /** @param  LoadState|null  $state  that travels now; null: as last time */
    public function __construct(
        private Job $job,
        private ?LoadState $state,
        private User $person,
        private JobAnalyses $analyses,
    ) {
        $this->last = new PastSetUp($job, $person, $analyses);
    }

    /** @return list<Item> */
    public function aboard(): array
    {
        return $this->state === null
            ? $this->job->aboard()
            : Aboard::inState($this->state, Tank::of($this->job->rigAsWorked()->values(RigPart::Trailer)));
    }

    public function since(): SetUpComparison
    {
        return new SetUpComparison($this->last, $this->aboard(), $this->corrected(), $this->person->loadUnit());
    }

    /** Where it was left; null where nobody read it. */
    public function leftAt(): ?Setting
    {
        return $this->last->setting();
    }

    /** Where to start: the small step that this load asks for, or where it was left when none can be advised. */
    public function corrected(): ?Setting
    {
        $advised = $this->advised();

        return $advised === null || $advised->action === Action::Cannot ? $this->leftAt() : $advised->forecast->setting;
    }

    /** Whether no small step brings this load into band. */
    public function isBeyondSmallSteps(): bool
    {
        return $this->advised()?->action === Action::Cannot;
    }

    /** Whether somebody knows where it was left, whole: what its readings tell is told of that setting. */
    private function isAllKnown(): bool
    {
        return $this->leftAt()?->unknown() === [];
    }

    /** A new job of the rig, with the setting to start at. */
    public function begin(string $title): Job
    {
        $rig = $this->job->rig->load(['vehicle', 'trailer', 'hitch', 'loadStates']);
        $corrected = $this->corrected();
        $leftAt = $this->leftAt();
        $sheet = RigSnapshot::sheetWith($rig, $this->state);
        if ($this->state === null && isset($this->job->rig_as_worked['aboard'])) {
            $sheet['aboard'] = $this->job->rig_as_worked['aboard'];
        }

        return Job::query()->create([
            'rig_id' => $rig->id,
            'title' => $title,
            'booked_on' => Date::today(),
            'rig_as_worked' => [...$sheet, 'learnt' => $this->learnt(new RigSnapshot($sheet))],
            'band_from' => $this->job->band_from,
            'band_to' => $this->job->band_to,
            'method' => $this->job->method,
            'head_place' => $this->job->head_place,
            'earlier_mark' => $this->job->mark,
            'start' => $corrected === null || $leftAt === null || ! $this->isAllKnown()
                    ? null
                    : ['steps' => $corrected->steps(), 'left_at' => $leftAt->steps()],
        ]);
    }

    /** @return non-empty-list<array{float, float}>|null null where nothing was read, or the sheets say otherwise now */
    private function learnt(RigSnapshot $now): ?array
    {
        $analysed = $this->last->analysed;

        return $analysed === null || ! $this->isAllKnown() || ! $now->isDescribedAs($this->job->rigAsWorked())
            ? null
            : CarriedOverPrior::of($analysed->posterior())->rows();
    }

    private function advised(): ?Recommendation
    {
        $analysed = $this->last->analysed;
        $leftAt = $this->leftAt();
        try {
            return $analysed === null || $leftAt === null || $analysed->adjusters === null
                ? null
                : (new LoadedState(
                    $analysed->described,
                    $analysed->posterior(),
                    LoadChange::between($this->job->aboard(), $this->aboard()),
                    $analysed->adjusters,
                    $analysed->reference(),
                    $leftAt,
                ))->smallMove($analysed->goal, $this->analyses->rules->stopping);
        } catch (ImpossibleModel) {
            return null;
        }
    }
}
