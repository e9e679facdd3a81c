<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PracticeRun;
use App\Models\User;
use App\UseCases\Practice\DebriefRecord;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Debrief\Debrief;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Players\YardRig;
use Yoke\Proving\Practice\Run\Run;

/** The apprentice of the demo has practised: two runs by the book, one by habit, in which something stayed unseen. */
final class DemoPractice
{
    public static function of(User $apprentice): void
    {
        $tape = $apprentice->fineness;
        foreach (
            [[9, Level::ClearFigures, 14], [6, Level::RealTape, 21], [2, Level::SomethingWrong, 24]] as [$daysAgo, $level, $seed]
        ) {
            $exercise = (new ExerciseSampler(ShopRules::usual()->priors))->draw(ExerciseCode::of($level, $seed));
            $run =
                $level === Level::SomethingWrong
                    ? YardRig::oneStep($exercise, $tape)
                    : YardRig::advised($exercise, $tape);
            self::keep($apprentice, $run, $daysAgo);
        }
    }

    private static function keep(User $apprentice, Run $run, int $daysAgo): void
    {
        $at = Date::now()->subDays($daysAgo);
        $kept = PracticeRun::query()->create([
            'user_id' => $apprentice->id,
            'code' => $run->exercise->code->text(),
            'tape' => $apprentice->fineness,
            'coach' => CoachMode::Off,
            'finished_at' => $at,
            'debrief' => DebriefRecord::of(new Debrief($run, CoachMode::Off, $apprentice->fineness)),
        ]);
        foreach ($run->done() as $i => $done) {
            $kept->acts()->create(['position' => $i + 1, 'act' => $done->act->toArray(), 'done_at' => $at]);
        }
    }
}
