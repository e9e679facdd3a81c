<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Exception\UnknownCode;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

require_once __DIR__.'/rigs.php';

it('reads a code however it is written, and no other text', function (string $text): void {
    expect(ExerciseCode::parse($text)->text())->toBe('3-04721-7');
})->with(['as it is printed' => '3-04721-7', 'without strokes' => '3047217', 'with spaces' => ' 3 04721 7 ']);

it('says what is no code, and what is one with a slip', function (string $text, bool $isSlip): void {
    try {
        ExerciseCode::parse($text);
        $this->fail('It was taken for a code.');
    } catch (UnknownCode $unknown) {
        expect($unknown->isSlip)->toBe($isSlip)->and($unknown->typed)->toBe($text);
    }
})->with([
    'nothing' => ['', false],
    'words' => ['the blue trailer', false],
    'too short' => ['3-0472-6', false],
    'no such level' => ['9-04721-6', false],
    'below 0' => ['-3-04721-7', false],
    'one digit off' => ['3-04721-6', true],
]);

it('tells every single digit that is wrong', function (): void {
    foreach ([[1, 0], [2, 99_999], [3, 4721], [4, 50_505]] as [$level, $seed]) {
        $text = ExerciseCode::of(Level::from($level), $seed)->text();
        foreach (str_split($text) as $place => $right) {
            foreach ($right === '-' ? [] : range(0, 9) as $digit) {
                $wrong = substr_replace($text, (string) $digit, $place, 1);
                if ($wrong !== $text) {
                    expect(fn () => ExerciseCode::parse($wrong))->toThrow(UnknownCode::class);
                }
            }
        }
    }
});

it(
    'draws the same rig and the same noise for everybody with the same code, and another for the next',
    function (): void {
        $heights = static function (Exercise $exercise): array {
            $hands = new Hands(new Run($exercise), Fineness::Millimetre);
            $hands->tape();
            $hands->stand(Stance::Dropped);
            $hands->tape();

            return array_map(static fn ($height): float => $height->stood, $hands->run->heights());
        };
        $code = ExerciseCode::of(Level::RealTape, 77);
        expect($heights(exerciseOf($code->text())))
            ->toBe($heights(exerciseOf($code->text())))
            ->not->toBe($heights(exerciseOf($code->next()->text())));
    },
);

it('draws a thousand exercises that can be solved, with faults that are really there and can be found', function (
    Level $level,
): void {
    $met = [];
    for ($seed = 0; $seed < 250; $seed++) {
        $exercise = (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->draw(ExerciseCode::of($level, 7 * $seed));
        $best = (new Solution($exercise))->best();
        expect($best)
            ->not->toBeNull($exercise->code->text())
            ->and($exercise->hidden->share($best, []))
            ->toBeGreaterThanOrEqual(0.5)
            ->toBeLessThanOrEqual(1.0)
            ->and(count($exercise->faults))
            ->toBe($level->faults());
        foreach ($exercise->faults as $fault) {
            $met[$fault->value] = true;
            expect(placesWhereSeen($exercise, $fault))->toContain($fault->place());
        }
    }
    expect(count($met))->toBe(count(Fault::at($level)));
})->with(array_filter(Level::cases(), static fn (Level $level): bool => $level !== Level::OwnRig));

it('changes the rig physically by each fault', function (Fault $fault): void {
    $exercise = exerciseWith($fault);
    $others = array_values(array_filter($exercise->faults, static fn (Fault $one): bool => $one !== $fault));
    $stances = array_filter(Stance::cases(), $fault->isThereIn(...));
    $moved = max(
        array_map(
            static fn (Stance $stance): float => max(
                array_map(
                    static fn (Axle $axle): float => abs(
                        $exercise->hidden->height($stance, $axle, $exercise->start, $exercise->faults) -
                            $exercise->hidden->height($stance, $axle, $exercise->start, $others),
                    ),
                    Axle::cases(),
                ),
            ),
            $stances,
        ),
    );

    expect($moved)->toBeGreaterThan(0.4);
})->with(array_filter(Fault::cases(), static fn (Fault $fault): bool => $fault->remedy() !== null));

it('has what only the setting puts right wrong from the start', function (): void {
    $straight = exerciseWith(Fault::BarsStraight);
    $over = exerciseWith(Fault::OverRestored);
    $low = exerciseWith(Fault::BallTooLow);

    expect($straight->hidden->share($straight->start, $straight->faults))
        ->toBeLessThan(0.02)
        ->and($over->hidden->share($over->start, $over->faults))
        ->toBeGreaterThan(1.0)
        ->and($low->ballOff($low->start)->millimetres())
        ->toBeLessThan(-Exercise::LOW_MM)
        ->and($low->rig->told->ballOverCoupler()?->millimetres())
        ->toBeNull();
});

it('moves the way it should by what each fault does', function (): void {
    $heights = static function (Fault $fault, Stance $stance): array {
        $exercise = exerciseWith($fault);

        return [
            'front' => $exercise->hidden->height($stance, Axle::Front, $exercise->start, [$fault]) -
                $exercise->hidden->height($stance, Axle::Front, $exercise->start, []),
            'rear' => $exercise->hidden->height($stance, Axle::Rear, $exercise->start, [$fault]) -
                $exercise->hidden->height($stance, Axle::Rear, $exercise->start, []),
        ];
    };

    expect($heights(Fault::WeightOnJack, Stance::Dropped)['rear'])
        ->toBeGreaterThan(1.0)
        ->and($heights(Fault::WeightOnJack, Stance::Dropped)['front'])
        ->toBeLessThan(0.0)
        ->and($heights(Fault::SomebodyInCab, Stance::Dropped)['front'])
        ->toBeLessThan(-1.0)
        ->and($heights(Fault::WheelInDip, Stance::Dropped)['rear'])
        ->toBeLessThan(-8.0)
        ->and($heights(Fault::LevellingOn, Stance::Dropped)['rear'])
        ->toBeGreaterThan(3.0)
        ->and($heights(Fault::SoftTyre, Stance::Alone)['rear'])
        ->toBe(-12.0)
        ->and($heights(Fault::TongueTooLight, Stance::Dropped)['rear'])
        ->toBeGreaterThan(1.0)
        ->and($heights(Fault::WrongBars, Stance::Carried)['front'])
        ->toBeLessThan(0.0)
        ->and($heights(Fault::UnequalSides, Stance::Carried)['front'])
        ->toBeGreaterThan(0.0)
        ->and($heights(Fault::ChainTwisted, Stance::Carried)['front'])
        ->toBeLessThan(0.0);
});
