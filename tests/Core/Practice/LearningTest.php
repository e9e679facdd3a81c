<?php

declare(strict_types=1);

use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Learning\LearningBook;
use Yoke\Proving\Practice\Learning\PracticeResult;
use Yoke\Proving\Practice\Learning\Skill;
use Yoke\Proving\Practice\Learning\SkillRecord;

/** @param  array<string, bool>  $shown */
function result(int $day, Level $level, int $points, array $shown = []): PracticeResult
{
    return new PracticeResult($day, $level, $points, [Skill::ReachTheRange->value => $points >= 60, ...$shown]);
}

it('begins with clear figures and goes up a level when one is passed', function (array $results, Level $next): void {
    expect((new LearningBook($results))->next(10)->level)->toBe($next);
})->with([
    'nothing played' => [[], Level::ClearFigures],
    'the first not passed' => [[result(1, Level::ClearFigures, 40)], Level::ClearFigures],
    'the first passed' => [[result(1, Level::ClearFigures, 80)], Level::RealTape],
    'the second passed, then missed' => [
        [result(1, Level::RealTape, 80), result(2, Level::RealTape, 10)],
        Level::SomethingWrong,
    ],
    'the third passed' => [[result(1, Level::SomethingWrong, 75)], Level::TakenOver],
    'only an own rig passed' => [[result(1, Level::OwnRig, 100)], Level::ClearFigures],
    'the third in range, its fault not seen' => [
        [result(1, Level::RealTape, 80), result(2, Level::SomethingWrong, 80, ['soft_tyre' => false])],
        Level::SomethingWrong,
    ],
    'many points out of range' => [[new PracticeResult(1, Level::ClearFigures, 80, [])], Level::ClearFigures],
]);

it('asks first for the fault that was missed', function (Fault $fault): void {
    $book = new LearningBook([
        result(1, Level::RealTape, 90),
        result(2, Level::SomethingWrong, 55, [$fault->value => false]),
    ]);

    expect(ExerciseSampler::faultsOf($book->next(2)))
        ->toContain($fault)
        ->and(array_map(static fn (SkillRecord $record): string => $record->key, $book->missed()))
        ->toContain($fault->value);
})->with(Fault::at(Level::SomethingWrong));

it('asks for what went well later and later, and at once for what is missed again', function (): void {
    $record = SkillRecord::begun('soft_tyre')->wentWell(10);
    $twice = $record->wentWell(11);
    $often = $twice->wentWell(14)->wentWell(21)->wentWell(37)->wentWell(72)->wentWell(110);

    expect([$record->due(), $twice->due(), $often->due()])
        ->toBe([11, 14, 145])
        ->and($record->isStrength())
        ->toBeFalse()
        ->and($twice->isStrength())
        ->toBeTrue()
        ->and($often->wasMissed(120)->due())
        ->toBe(120)
        ->and($often->wasMissed(120)->isMissed())
        ->toBeTrue()
        ->and($often->wasMissed(120)->missed)
        ->toBe(1);
});

it('does not ask for what sits before it is due', function (): void {
    $well = array_fill_keys(
        array_map(static fn (Fault $fault): string => $fault->value, Fault::at(Level::TakenOver)),
        true,
    );
    unset($well[Fault::WheelInDip->value]);
    $results = [
        result(1, Level::RealTape, 90),
        result(2, Level::RealTape, 90, $well),
        result(3, Level::SomethingWrong, 90, [...$well, Fault::WheelInDip->value => false]),
    ];

    expect(ExerciseSampler::faultsOf((new LearningBook($results))->next(4)))
        ->toBe([Fault::WheelInDip])
        ->and(count((new LearningBook($results))->strengths()))
        ->toBeGreaterThanOrEqual(12);
});
