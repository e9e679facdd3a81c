<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Job\Analysis\MeasuredStances;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/** @param  array<string, list<Observed>>  $read  by stance */
function measuredBy(array $read): MeasuredStances
{
    $observations = [];
    foreach ($read as $stance => $all) {
        $context = match (Stance::from($stance)) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped(),
            Stance::Carried => ReadingContext::carried(0.0),
        };
        foreach ($all as $observed) {
            $observations[] = new Observation($context, $observed, 900.0, 2.0);
        }
    }

    return new MeasuredStances($observations);
}

/** @param  array<string, list<Axle>>  $taped  by stance */
function heightsTaped(array $taped): StanceHeights
{
    $heights = StanceHeights::none();
    foreach ($taped as $stance => $axles) {
        foreach ($axles as $axle) {
            $reading = (new HeightDoubt())->reading(Length::ofMillimetres(950), Suspension::Leaf, Settling::Rolled);
            $heights = $heights->with(Stance::from($stance), $axle, $reading);
        }
    }

    return $heights;
}

it('counts a stance as read by whatever says how the rig stands, and by nothing of its parts', function (): void {
    $read = measuredBy(['dropped' => [Observed::TongueWeight], 'carried' => [Observed::BarBend, Observed::BallLoad]]);

    expect([$read->has(Stance::Dropped), $read->has(Stance::Carried), $read->isCarriedAlone()])
        ->toBe([false, true, true])
        ->and(measuredBy(['alone' => [Observed::FrontLoad], 'carried' => [Observed::FrontLoad]])->isCarriedAlone())
        ->toBeFalse()
        ->and(measuredBy([])->isCarriedAlone())
        ->toBeFalse();
});

it('is done with a stance by both fenders, by the front where no rear is taped, or by another instrument', function (
    array $read,
    array $taped,
    string $stance,
    bool $isDone,
): void {
    expect(measuredBy($read)->isDone(Stance::from($stance), heightsTaped($taped)))->toBe($isDone);
})->with([
    'nothing' => [[], [], 'alone', false],
    'both fenders' => [[], ['alone' => Axle::cases()], 'alone', true],
    'the front, no rear anywhere' => [[], ['alone' => [Axle::Front]], 'alone', true],
    'the front, the rear taped elsewhere' => [
        [],
        ['alone' => Axle::cases(), 'dropped' => [Axle::Front]],
        'dropped',
        false,
    ],
    'the rear alone' => [[], ['alone' => [Axle::Rear]], 'alone', false],
    'a ticket' => [['dropped' => [Observed::FrontLoad]], [], 'dropped', true],
    'a ticket elsewhere needs the vehicle alone' => [['dropped' => [Observed::FrontLoad]], [], 'alone', false],
    'a gauge in the head does not' => [['dropped' => [Observed::BallLoad]], [], 'alone', true],
    'nor do coupler heights' => [['carried' => [Observed::CouplerRise]], [], 'alone', true],
    'a tongue weight stands for no stance' => [['dropped' => [Observed::TongueWeight]], [], 'alone', false],
]);
