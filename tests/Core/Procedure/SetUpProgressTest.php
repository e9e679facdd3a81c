<?php

declare(strict_types=1);

use Yoke\Rig\Family\Families;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\NextDeed;
use Yoke\Workshop\Procedure\SetUpFact;
use Yoke\Workshop\Procedure\SetUpProgress;
use Yoke\Workshop\Procedure\Station;

/**
 * @param  string  $measured  a letter a stance: a, d, c
 * @param  list<Station>  $closed
 * @param  string  $is  of `unread`, `settled`, `coupled`, `over`, `plain`
 */
function progressOf(string $measured, array $closed = [], string $is = ''): SetUpProgress
{
    $stances = ['a' => Stance::Alone, 'd' => Stance::Dropped, 'c' => Stance::Carried];
    $has = static fn (string $what): bool => str_contains($is, $what);

    return new SetUpProgress(
        Families::get($has('plain') ? 'plain-ball' : 'chain-snap-up'),
        array_map(static fn (string $one): Stance => $stances[$one], $measured === '' ? [] : str_split($measured)),
        $closed,
        [
            ...$has('unread') ? [SetUpFact::Unread] : [],
            ...$has('settled') ? [SetUpFact::Settled] : [],
            ...$has('coupled') ? [SetUpFact::ArrivedCoupled] : [],
            ...$has('over') ? [SetUpFact::HandedOver] : [],
        ],
    );
}

it('names one thing to do, whatever was done', function (
    string $measured,
    array $closed,
    string $is,
    NextDeed $deed,
    Station $station,
): void {
    $next = progressOf($measured, $closed, $is)->next();

    expect([$next->deed, $next->station])->toBe([$deed, $station]);
})->with([
    'nothing yet' => ['', [], '', NextDeed::MeasureAlone, Station::Alone],
    'alone' => ['a', [], '', NextDeed::SetHead, Station::Head],
    'alone, head closed' => ['a', [Station::Head], '', NextDeed::MeetBrackets, Station::Brackets],
    'alone, both closed' => ['a', [Station::Head, Station::Brackets], '', NextDeed::MeasureDropped, Station::Dropped],
    'coupled with the head left out' => ['ad', [], '', NextDeed::HookUp, Station::BarsUp],
    'dropped alone' => ['d', [], '', NextDeed::MeasureAlone, Station::Alone],
    'carried alone' => ['c', [], '', NextDeed::TakeTensionOff, Station::Dropped],
    'carried and alone' => ['ac', [], '', NextDeed::MeasureDropped, Station::Dropped],
    'carried and dropped' => ['dc', [], '', NextDeed::MeasureAlone, Station::Alone],
    'hooked up, not read' => ['ad', [], 'unread', NextDeed::MeasureCarried, Station::BarsUp],
    'hooked up again, not read' => ['adc', [], 'unread settled', NextDeed::MeasureCarried, Station::BarsUp],
    'read, to be moved' => ['adc', [], '', NextDeed::Move, Station::BarsUp],
    'settled' => ['adc', [], 'settled', NextDeed::Prove, Station::Prove],
    'proved' => ['adc', [Station::Prove], 'settled', NextDeed::SwayControl, Station::Sway],
    'all closed' => [
        'adc',
        [Station::Prove, Station::Sway, Station::HookUp, Station::Road],
        'settled',
        NextDeed::HandOver,
        Station::HandOver,
    ],
    'handed over, whatever is open' => ['', [], 'over', NextDeed::Nothing, Station::HandOver],
    'arrived coupled' => ['', [], 'coupled', NextDeed::MeasureCarried, Station::BarsUp],
    'arrived coupled, carried' => ['c', [], 'coupled', NextDeed::MeasureDropped, Station::Dropped],
    'arrived coupled, carried and dropped' => ['dc', [], 'coupled', NextDeed::MeasureAlone, Station::Alone],
    'arrived coupled, all' => ['adc', [], 'coupled', NextDeed::Move, Station::BarsUp],
    'a plain ball, alone' => ['a', [Station::Head], 'plain', NextDeed::MeasureDropped, Station::Dropped],
    'a plain ball, both' => ['ad', [], 'plain', NextDeed::Prove, Station::Prove],
]);

it('lets nothing be left out that later figures stand on', function (): void {
    foreach ([NextDeed::MeasureAlone, NextDeed::MeasureDropped, NextDeed::MeasureCarried, NextDeed::TakeTensionOff, NextDeed::HookUp, NextDeed::Move] as $deed) {
        expect($deed->canBeSkipped())->toBeFalse();
    }
    expect(NextDeed::SetHead->canBeSkipped())->toBeTrue();
});
