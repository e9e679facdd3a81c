<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Coach\Coach;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Coach\HintKind;
use Yoke\Proving\Practice\Debrief\Debrief;
use Yoke\Proving\Practice\Debrief\LessonKind;
use Yoke\Proving\Practice\Debrief\Points;
use Yoke\Proving\Practice\Debrief\PointsPart;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Players\YardRig;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

require_once __DIR__.'/rigs.php';

/** Does whatever the coach hints at, until the rig is driven off. */
function coached(Exercise $exercise): Run
{
    $run = new Run($exercise);
    $hands = new Hands($run, Fineness::Sixteenth);
    for ($step = 0; $step < 120 && ! $run->isOver(); $step++) {
        $hint = (new Coach($run))->hint();
        match ($hint->kind) {
            HintKind::LookAt => $hint->place === null ? null : $hands->look($hint->place),
            HintKind::PutRight => $hint->fault?->remedy() === null ? null : $hands->putRight($hint->fault->remedy()),
            HintKind::MoveHead => $hint->hitch === null ? null : $hands->putTogether($hint->hitch),
            HintKind::LetDown => $run->do(Act::plain(ActKind::LowerPair)),
            HintKind::Roll => $run->do(Act::plain(ActKind::Roll)),
            HintKind::TakeChocks => $run->do(Act::plain(ActKind::TakeChocks)),
            HintKind::Tape => array_map($hands->tapeAt(...), Axle::cases()),
            HintKind::Uncouple, HintKind::TakeBarsOff, HintKind::Couple => $hint->stance === null
                ? null
                : $hands->stand($hint->stance),
            HintKind::HookUp => $hint->hitch === null ? null : $hands->hookUp($hint->hitch),
            HintKind::DriveOff => $hands->driveOff(),
        };
    }

    return $run;
}

it('solves by the advice at least 97 of a hundred exercises of level 2, and harms none', function (): void {
    [$solved, $over, $many] = [0, 0, 70];
    for ($seed = 0; $seed < $many; $seed++) {
        $exercise = (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->draw(
            ExerciseCode::of(Level::RealTape, 13 * $seed + 5),
        );
        $run = YardRig::advised($exercise, Fineness::Sixteenth);
        $solved += $run->breach() === null && $exercise->isInRange($run->share()) ? 1 : 0;
        $over += $run->share() > 1.0 ? 1 : 0;
    }

    expect($solved / $many)
        ->toBeGreaterThanOrEqual(0.97)
        ->and($over / $many)
        ->toBeLessThan(0.01);
});

it('does better by the advice than one link at a time, on the same rigs with the same noise', function (): void {
    [$advised, $oneStep] = [0, 0];
    for ($seed = 0; $seed < 40; $seed++) {
        $exercise = (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->draw(
            ExerciseCode::of(Level::SomethingWrong, $seed),
        );
        $advised += $exercise->isInRange(YardRig::advised($exercise, Fineness::Millimetre)->share()) ? 1 : 0;
        $run = YardRig::oneStep($exercise, Fineness::Millimetre);
        $oneStep += $run->breach() === null && $exercise->isInRange($run->share()) ? 1 : 0;
    }

    expect($advised)->toBeGreaterThanOrEqual(38)->and($oneStep)->toBeLessThan($advised);
});

it('leads a learner who does what the coach says to a good end, every fault found', function (Level $level): void {
    for ($seed = 0; $seed < 25; $seed++) {
        $exercise = (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->draw(
            ExerciseCode::of($level, 31 * $seed),
        );
        $run = coached($exercise);
        expect($run->breach())
            ->toBeNull($exercise->code->text())
            ->and($run->isOver())
            ->toBeTrue($exercise->code->text())
            ->and($exercise->isInRange($run->share()))
            ->toBeTrue($exercise->code->text().' '.$run->share());
        foreach ((new Debrief($run, CoachMode::Hints, Fineness::Sixteenth))->faults as $fault) {
            expect($fault->isFound && $fault->isPutRight)->toBeTrue(
                $exercise->code->text().' '.$fault->fault->value,
            );
        }
    }
})->with([Level::ClearFigures, Level::RealTape, Level::SomethingWrong]);

it('tells the truth at the end: what was restored, each height as it stood, what was wrong', function (): void {
    $exercise = exerciseWith(Fault::SoftTyre);
    $hands = new Hands(new Run($exercise), Fineness::Millimetre);
    foreach ([Stance::Alone, Stance::Dropped, Stance::Carried] as $stance) {
        $hands->stand($stance);
        $hands->tape();
    }
    $hands->driveOff();
    $debrief = new Debrief($hands->run, CoachMode::Off, Fineness::Millimetre);
    $hidden = $exercise->hidden;

    expect($debrief->result->finish->share)
        ->toBe($hidden->share($hands->run->situation()->hitch, [Fault::SoftTyre]))
        ->and($debrief->faults[0]->fault)
        ->toBe(Fault::SoftTyre)
        ->and($debrief->faults[0]->isFound)
        ->toBeFalse()
        ->and($debrief->known()[0]->truly)
        ->toBe($debrief->result->finish->share)
        ->and(abs($debrief->known()[0]->share->mean() - $debrief->result->finish->share))
        ->toBeLessThan(0.35)
        ->and($debrief->lessons()[0]->kind)
        ->toBe(LessonKind::FindFault)
        ->and($debrief->lessons()[0]->fault)
        ->toBe(Fault::SoftTyre)
        ->and($debrief->lessons())
        ->toHaveCount(3);
    foreach ($hands->run->heights() as $height) {
        expect($height->rest)
            ->toBe($hidden->height($height->stance, $height->axle, $height->hitch, [Fault::SoftTyre]))
            ->and(abs($height->read - $height->stood))
            ->toBeLessThanOrEqual(0.5)
            ->and(abs($height->stood - $height->rest))
            ->toBeLessThanOrEqual(0.25 * $hidden->sticks($height->axle) + 1e-9);
    }
});

it('gives points for what went well and takes them for help', function (): void {
    $exercise = exerciseOf('2-00005-3');
    $played = static function (int $hints) use ($exercise): Run {
        $hands = new Hands(new Run($exercise), Fineness::Sixteenth);
        for ($i = 0; $i < $hints; $i++) {
            $hands->run->do(Act::plain(ActKind::Hint));
        }
        $hands->tape();
        $hands->hookUp((new Solution($exercise))->best() ?? throw new LogicException('It can be solved.'));
        $hands->tape();
        $hands->driveOff();

        return $hands->run;
    };
    $idle = new Hands(new Run($exercise), Fineness::Sixteenth);
    $idle->stand(Stance::Dropped);
    $idle->driveOff();
    $hurt = new Run($exercise);
    $hurt->do(Act::look(Yoke\Proving\Practice\Exercise\Place::Brackets));
    $total = static fn (Run $run, CoachMode $coach = CoachMode::Off): int => Points::of($run, $coach, 90.0)->total();

    expect($total($played(0)))
        ->toBe(100)
        ->and($total($played(3), CoachMode::Hints))
        ->toBe(88, 'four for each hint')
        ->and($total($played(0), CoachMode::Advice))
        ->toBe(75, 'a quarter for the advice')
        ->and($total($idle->run))
        ->toBe(0)
        ->and($total($hurt))
        ->toBe(0)
        ->and(array_sum(array_map(static fn (PointsPart $part): int => $part->most(), PointsPart::cases())))
        ->toBe(100);
});

it('names what the tape was read wrong by', function (array $tapes, LessonKind $lesson): void {
    $exercise = exerciseOf('2-00005-3');
    $run = new Run($exercise);
    $run->do(Act::plain(ActKind::TakeChocks));
    foreach ($tapes as [$isRolled, $eye, $off]) {
        if ($isRolled) {
            $run->do(Act::plain(ActKind::Roll));
        }
        $run->do(Act::tape(Axle::Front, $run->tape(Axle::Front, $eye)->shown + $off, $eye));
    }
    (new Hands($run, Fineness::Sixteenth))->hookUp(
        (new Solution($exercise))->best() ?? throw new LogicException('It can be solved.'),
    );
    (new Hands($run, Fineness::Sixteenth))->driveOff();

    expect((new Debrief($run, CoachMode::Off, Fineness::Sixteenth))->lessons()[0]->kind)->toBe($lesson);
})->with([
    'an eye that looked down' => [[[true, Eye::Standing, 0.0]], LessonKind::BendDown],
    'half an inch read off' => [[[true, Eye::Level, 12.7]], LessonKind::ReadTheTape],
    'springs not settled' => [[[false, Eye::Level, 0.0]], LessonKind::RollFirst],
    'nothing' => [[[true, Eye::Level, 0.0]], LessonKind::NextLevel],
]);

it('gives no points for what went well before somebody could have been hurt', function (): void {
    $hands = new Hands(new Run(exerciseOf('2-00005-3')), Fineness::Sixteenth);
    $hands->tape();
    $read = Points::of($hands->run, CoachMode::Off, 90.0)->parts;
    $hands->stand(Stance::Dropped);
    $hands->run->do(Act::plain(ActKind::Uncouple));

    expect($read[PointsPart::Reading->value])
        ->toBeGreaterThan(0)
        ->and($hands->run->breach())
        ->not->toBeNull()
        ->and(Points::of($hands->run, CoachMode::Off, 90.0)->parts)
        ->each->toBe(0);
});

it('counts a height as well read within 1.2 mm of where the edge shows, and no further', function (): void {
    $read = function (float $off): bool {
        $run = new Run(exerciseOf('2-00005-3'));
        $run->do(Act::plain(ActKind::TakeChocks));
        $run->do(Act::plain(ActKind::Roll));
        $run->do(Act::tape(Axle::Front, $run->tape(Axle::Front, Eye::Level)->shown + $off, Eye::Level));

        return $run->heights()[0]->isClose();
    };
    expect([$read(0.0), $read(1.1), $read(-1.1), $read(1.4), $read(-1.4), $read(2.9)])->toBe([
        true,
        true,
        true,
        false,
        false,
        false,
    ]);
});
