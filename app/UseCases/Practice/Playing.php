<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\PracticeRun;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Debrief\Debrief;
use Yoke\Proving\Practice\Exception\NoExercise;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Run\Done;

/** Begins runs of the practice yard, does one act after the other, and closes them with their debrief. */
final readonly class Playing
{
    public function begin(User $person, ExerciseCode $code, CoachMode $coach): PracticeRun
    {
        return $this->kept($person, $code, $coach, null, null);
    }

    /**
     * On a rig of the garage, as its specifications are today.
     *
     * @throws NoExercise when it cannot be practised on
     */
    public function beginOn(Rig $rig, User $person, ExerciseCode $code, CoachMode $coach): PracticeRun
    {
        $sheet = RigSnapshot::sheetOf($rig);
        (new ExerciseSampler(ShopRules::usual()->priors))->draw($code, PlayedRun::rig(new RigSnapshot($sheet)));

        return $this->kept($person, $code, $coach, $sheet, $rig->title());
    }

    /** The exercise that somebody here has played on a rig of the garage; null where nobody has. */
    public function beginAgain(User $person, ExerciseCode $code, CoachMode $coach): ?PracticeRun
    {
        $played = PracticeRun::query()->where('code', $code->text())->whereNotNull('sheet')->oldest('id')->first();

        return $played === null ? null : $this->kept($person, $code, $coach, $played->sheet, $played->rig_name);
    }

    /**
     * One act, if the run still stands where it was asked for.
     *
     * @param  int  $position  that the act would have, from 1
     * @return Done|null null where the run went on elsewhere meanwhile
     *
     * @throws ImpossibleAct when it cannot be done as the rig stands
     */
    public function do(PracticeRun $kept, Act $act, int $position): ?Done
    {
        return DB::transaction(function () use ($kept, $act, $position): ?Done {
            PracticeRun::query()
                ->whereKey($kept->id)
                ->update(['updated_at' => Date::now()]);
            $kept->load('acts');
            if ($kept->acts->count() + 1 !== $position) {
                return null;
            }
            $played = PlayedRun::of($kept);
            $done = $played->run->do($act);
            $kept->acts()->create(['position' => $position, 'act' => $act->toArray(), 'done_at' => Date::now()]);
            if ($played->run->isOver()) {
                $kept->update([
                    'finished_at' => Date::now(),
                    'debrief' => DebriefRecord::of(new Debrief($played->run, $kept->coach, $kept->tape)),
                ]);
            }

            return $done;
        });
    }

    /** A seed for a new exercise on an own rig. */
    public function newOwnCode(): ExerciseCode
    {
        return ExerciseCode::of(Level::OwnRig, random_int(0, ExerciseCode::SEEDS - 1));
    }

    /** @param  array<string, mixed>|null  $sheet */
    private function kept(User $person, ExerciseCode $code, CoachMode $coach, ?array $sheet, ?string $name): PracticeRun
    {
        return PracticeRun::query()->create([
            'user_id' => $person->id,
            'code' => $code->text(),
            'tape' => $person->fineness,
            'coach' => $coach,
            'sheet' => $sheet,
            'rig_name' => $name,
        ]);
    }
}
