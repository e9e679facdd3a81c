<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

require_once __DIR__.'/rigs.php';

/** @param  list<ActKind|Act>  $acts */
function runAfter(string $code, array $acts): Run
{
    $run = new Run(exerciseOf($code));
    foreach ($acts as $act) {
        $run->do($act instanceof Act ? $act : Act::plain($act));
    }

    return $run;
}

it('refuses what cannot be done as the rig stands, and nothing happens then', function (
    array $before,
    ActKind|Act $act,
    Refusal $refusal,
): void {
    $run = runAfter('2-00005-3', $before);
    [$minutes, $now] = [$run->minutes(), $run->situation()];
    try {
        $run->do($act instanceof Act ? $act : Act::plain($act));
        $this->fail('It was done.');
    } catch (ImpossibleAct $impossible) {
        expect($impossible->refusal)
            ->toBe($refusal)
            ->and($run->minutes())
            ->toBe($minutes)
            ->and($run->situation())
            ->toBe($now)
            ->and($run->done())
            ->toHaveCount(count($before));
    }
})->with([
    'rolled on its chocks' => [[], ActKind::Roll, Refusal::IsChocked],
    'chocked twice' => [[], ActKind::Chock, Refusal::IsChocked],
    'chocks taken that are not there' => [[ActKind::TakeChocks], ActKind::TakeChocks, Refusal::IsNotChocked],
    'chocks taken under a raised pair' => [
        [ActKind::Couple, ActKind::RaisePair],
        ActKind::TakeChocks,
        Refusal::PairIsRaised,
    ],
    'uncoupled twice' => [[], ActKind::Uncouple, Refusal::NotCoupled],
    'coupled twice' => [[ActKind::Couple], ActKind::Couple, Refusal::AlreadyCoupled],
    'uncoupled under its bars' => [
        [ActKind::Couple, ActKind::RaisePair, ActKind::BarsOn],
        ActKind::Uncouple,
        Refusal::BarsAreOn,
    ],
    'bars on an uncoupled trailer' => [[], ActKind::BarsOn, Refusal::NotCoupled],
    'bars off that are off' => [[ActKind::Couple], ActKind::BarsOff, Refusal::BarsAreOff],
    'let down what is down' => [[ActKind::Couple], ActKind::LowerPair, Refusal::PairIsDown],
    'taped while it hangs on the jack' => [
        [ActKind::Couple, ActKind::RaisePair],
        Act::tape(Axle::Front, 850.0, Eye::Level),
        Refusal::PairIsRaised,
    ],
    'a height of no fender' => [[], Act::tape(Axle::Front, 85.0, Eye::Level), Refusal::NotAHeight],
    'links moved under load' => [
        [ActKind::Couple, ActKind::RaisePair, ActKind::BarsOn],
        Act::set('link', 2.0),
        Refusal::BarsAreOn,
    ],
    'washers moved while coupled' => [[ActKind::Couple], Act::set('washer', 2.0), Refusal::UncoupleFirst],
    'a shank turned while coupled' => [[ActKind::Couple], ActKind::TurnShank, Refusal::UncoupleFirst],
    'a step that is none' => [[], Act::set('washer', 99.0), Refusal::NoSuchStep],
    'an adjuster that is none' => [[], Act::set('string', 1.0), Refusal::NoSuchStep],
    'a gauge that the head has not' => [[ActKind::Couple], ActKind::Gauge, Refusal::NoGauge],
    'a tongue on the ball weighed' => [[ActKind::Couple], ActKind::WeighTongue, Refusal::UncoupleFirst],
    'driven off without the trailer' => [[ActKind::TakeChocks], ActKind::DriveOff, Refusal::NotCoupled],
    'driven off on chocks' => [[ActKind::Couple], ActKind::DriveOff, Refusal::IsChocked],
    'chains untwisted under load' => [
        [ActKind::Couple, ActKind::RaisePair, ActKind::BarsOn],
        Act::putRight(Remedy::UntwistChains),
        Refusal::BarsAreOn,
    ],
]);

it('ends at once where somebody could be hurt', function (
    array $before,
    ActKind|Act $act,
    SafetyViolation $breach,
): void {
    $run = runAfter('2-00005-3', $before);
    $done = $run->do($act instanceof Act ? $act : Act::plain($act));

    expect($done->breach)->toBe($breach)->and($run->breach())->toBe($breach)->and($run->isOver())->toBeTrue();
    try {
        $run->do(Act::plain(ActKind::Hint));
        $this->fail('It went on.');
    } catch (ImpossibleAct $impossible) {
        expect($impossible->refusal)->toBe(Refusal::Over);
    }
})->with([
    'bars hooked up with the pair down' => [[ActKind::Couple], ActKind::BarsOn, SafetyViolation::Fingers],
    'bars let go with the pair down' => [
        [ActKind::Couple, ActKind::RaisePair, ActKind::BarsOn, ActKind::LowerPair],
        ActKind::BarsOff,
        SafetyViolation::Fingers,
    ],
    'uncoupled without chocks' => [
        [ActKind::Couple, ActKind::TakeChocks],
        ActKind::Uncouple,
        SafetyViolation::NotChocked,
    ],
    'raised without chocks' => [
        [ActKind::Couple, ActKind::TakeChocks],
        ActKind::RaisePair,
        SafetyViolation::NotChocked,
    ],
    'under an uncoupled trailer' => [[], Act::look(Place::Brackets), SafetyViolation::UnderJackedRig],
    'under a raised pair' => [
        [ActKind::Couple, ActKind::RaisePair],
        Act::look(Place::Brackets),
        SafetyViolation::UnderJackedRig,
    ],
]);

it('stops who drives off with the front axle heavier than alone, and nobody else', function (): void {
    $exercise = exerciseWith(Fault::OverRestored);
    $hands = new Hands(new Run($exercise), Fineness::Millimetre);
    $hands->driveOff();
    $right = new Hands(new Run($exercise), Fineness::Millimetre);
    $right->hookUp((new Solution($exercise))->best() ?? throw new LogicException('It can be solved.'));
    $right->driveOff();

    expect($hands->run->breach())
        ->toBe(SafetyViolation::OverRestoredOnTheRoad)
        ->and($hands->run->share())
        ->toBeGreaterThan(1.0)
        ->and($right->run->breach())
        ->toBeNull()
        ->and($right->run->isOver())
        ->toBeTrue()
        ->and($right->run->share())
        ->toBeLessThanOrEqual(1.0);
});

it('looks from below without danger once the rig stands on its own wheels', function (): void {
    expect(runAfter('2-00005-3', [ActKind::Couple, Act::look(Place::Brackets)])->breach())->toBeNull();
});

it('lets slack bars be put on by hand', function (): void {
    $exercise = exerciseWith(Fault::BarsStraight);
    $run = new Run($exercise);
    $run->do(Act::plain(ActKind::Couple));
    $run->do(Act::plain(ActKind::BarsOn));

    expect($run->breach())->toBeNull()->and($run->situation()->isHooked)->toBeTrue();
});

it('finds what is wrong by looking where it is, and no fault where none is', function (Fault $fault): void {
    $exercise = exerciseWith($fault);
    $clean = new Run(exerciseOf('2-00005-3'));
    foreach (Place::cases() as $place) {
        expect($place->isUnderneath() ? [] : $clean->do(Act::look($place))->sight?->faults)->toBe([]);
    }

    expect(placesWhereSeen($exercise, $fault))->not->toBe([])->each->toBe($fault->place());
})->with(Fault::cases());

it('puts a fault right once, sets aside what it had spoiled and nothing else', function (Fault $fault): void {
    $exercise = exerciseWith($fault);
    $hands = new Hands(new Run($exercise), Fineness::Millimetre);
    foreach ([Stance::Alone, Stance::Dropped, Stance::Carried] as $stance) {
        $hands->stand($stance);
        $hands->tape();
    }
    $hands->stand(Stance::Dropped);
    $hands->putRight($fault->remedy() ?? throw new LogicException('It has one.'));
    $spoiled = [];
    foreach ($hands->run->heights() as $height) {
        $spoiled[$height->stance->value] = $height->isSpoiled;
    }
    $again = $hands->run->do(Act::putRight($fault->remedy()));

    expect($hands->run->situation()->faults)
        ->not->toContain($fault)
        ->and($hands->run->found())
        ->toContain($fault)
        ->and(array_keys(array_filter($spoiled)))
        ->toBe(array_column($fault->spoils(), 'value'))
        ->and($again->putRight)
        ->toBeNull()
        ->and($again->minutes)
        ->toBeGreaterThan(0.0);
})->with(array_filter(Fault::cases(), static fn (Fault $fault): bool => $fault->remedy() !== null));

it('counts a hook-up when the setting changes, and minutes as they pass', function (): void {
    $run = runAfter('2-00005-3', [
        ActKind::Couple,
        ActKind::RaisePair,
        ActKind::BarsOn,
        ActKind::LowerPair,
        ActKind::RaisePair,
        ActKind::BarsOff,
        ActKind::BarsOn,
    ]);

    expect($run->hookUps())
        ->toHaveCount(1)
        ->and($run->minutes())
        ->toBe(3.0 + 2 + 3 + 1 + 2 + 2 + 3);
});

it('comes to the same from the same acts, kept as plain numbers', function (): void {
    $hands = new Hands(new Run(exerciseOf('4-00011-2')), Fineness::Sixteenth);
    $hands->tape();
    $hands->look(Place::Chains);
    $hands->stand(Stance::Alone);
    $hands->run->do(Act::set('washer', 2.0));
    $hands->run->do(Act::plain(ActKind::WeighTongue));
    $hands->tape();
    $kept = json_decode(
        (string) json_encode(array_map(static fn ($done): array => $done->act->toArray(), $hands->run->done())),
        true,
    );
    $again = Run::replayed(exerciseOf('4-00011-2'), array_map(Act::ofArray(...), $kept));

    expect($again->heights())
        ->toEqual($hands->run->heights())
        ->and($again->weights())
        ->toEqual($hands->run->weights())
        ->and($again->minutes())
        ->toBe($hands->run->minutes());
});

it('refuses what is kept as no act at all', function (array $kept): void {
    expect(fn () => Act::ofArray($kept))->toThrow(ImpossibleAct::class);
})->with([
    'nothing' => [[]],
    'no such act' => [['kind' => 'sing']],
    'a tape without a height' => [['kind' => 'tape', 'axle' => 'front']],
    'a tape at no axle' => [['kind' => 'tape', 'axle' => 'third', 'read_mm' => 800]],
    'a look at nothing' => [['kind' => 'look', 'place' => 'sky']],
    'no such remedy' => [['kind' => 'put_right', 'remedy' => ['x']]],
    'a step that is a text' => [['kind' => 'set', 'adjuster' => 'link', 'step' => 'two']],
]);

it('reads nearer to rest once rolled', function (): void {
    $off = static function (array $acts): float {
        $sum = 0.0;
        for ($seed = 0; $seed < 60; $seed++) {
            $code = Yoke\Proving\Practice\Exercise\ExerciseCode::of(Yoke\Proving\Practice\Exercise\Level::RealTape, $seed)->text();
            $run = runAfter($code, [...$acts]);
            $run->do(Act::tape(Axle::Rear, 900.0, Eye::Level));
            $height = $run->heights()[0];
            $sum += abs($height->stood - $height->rest);
        }

        return $sum / 60;
    };

    expect($off([ActKind::TakeChocks, ActKind::Roll]))->toBeLessThan(0.5 * $off([]));
});
