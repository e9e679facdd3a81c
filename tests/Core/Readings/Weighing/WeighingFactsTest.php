<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Job\Analysis\Instrument;
use Yoke\Job\Analysis\InstrumentEvidence;
use Yoke\Job\Analysis\LiftedTicket;
use Yoke\Judgement\Method\Verdict;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Measuring\Readings\Weighing\TicketText;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Rig\Parts\Stance;

function ticketTyped(LoadUnit $unit = LoadUnit::Pound, float $stepKg = 9.0718474): TicketText
{
    return new TicketText(new LoadParser($unit), Load::ofKilograms($stepKg));
}

it('names the slip that makes axles and gross agree', function (string $typed, string $says): void {
    expect(fn () => ticketTyped()->read(Stance::Carried, $typed))->toThrow(ImpossibleTicket::class, $says);
})->with([
    'two digits swapped' => [
        'front 3220, rear 2260, trailer 6120, gross 11960',
        'ticket.slip.swapped axle=rear load=2620',
    ],
    'the trailer left out' => ['front 3220, rear 2620, trailer 6120, gross 5840', 'ticket.slip.left_out axle=trailer'],
    'off by a thousand' => ['front 4220, rear 2620, trailer 6120, gross 11960', 'ticket.slip.off by=1000 unit=lb'],
    'off by a hundred kilograms' => [
        'front 1560 kg, rear 1190 kg, trailer 2780 kg, gross 5430 kg',
        'ticket.slip.off by=100 unit=kg',
    ],
    'nothing that fits' => ['front 3220, rear 2620, trailer 6120, gross 12437', 'ticket.sum axles_kg='],
]);

it('names no slip where none fits', function (): void {
    try {
        ticketTyped()->read(Stance::Carried, 'front 3220, rear 2620, trailer 6120, gross 12437');
        $said = 'taken';
    } catch (ImpossibleTicket $impossible) {
        $said = $impossible->expected()->then;
    }
    expect($said)->toBeNull();
});

it('tells what one step moves onto each axle, with the doubt of two tickets', function (): void {
    $read = fn (Stance $stance, string $typed) => ticketTyped(LoadUnit::Pound)->read($stance, $typed);
    $loads = (new Weighing(
        $read(Stance::Alone, 'front 3300, rear 2100'),
        $read(Stance::Dropped, 'front 2900, rear 3300, trailer 6300'),
    ))->loadsPerStep(
        $read(Stance::Carried, 'front 3040, rear 3080, trailer 6380'),
        $read(Stance::Carried, 'front 3180, rear 2860, trailer 6460'),
        2.0,
    );

    expect(array_map(fn (Normal $load): float => round(Load::ofKilograms($load->mean())->pounds(), 6), $loads))
        ->toBe(['front' => 70.0, 'rear' => -110.0, 'trailer' => 40.0])
        ->and(Load::ofKilograms($loads['front']->deviation())->pounds())
        ->toEqualWithDelta(((20.0 / sqrt(12.0)) * M_SQRT2) / 2.0, 1e-6);
});

it('asks whether the rear was lifted where the scale finds less by what the lift takes, and nowhere else', function (
    float $tape,
    float $scale,
    float $lost,
    bool $asks,
): void {
    $evidence = [
        new InstrumentEvidence(Instrument::Tape, Normal::of($tape, 0.05), Verdict::InRange),
        new InstrumentEvidence(Instrument::Scale, Normal::of($scale, 0.03), Verdict::InRange),
    ];
    $found = LiftedTicket::in($evidence, $lost);

    expect($found !== null)
        ->toBe($asks)
        ->and($found === null || abs($found->lifted() - ($tape - $lost)) < 1e-9)
        ->toBeTrue()
        ->and(LiftedTicket::in([$evidence[1]], $lost))
        ->toBeNull();
})->with([
    'less by the lift' => [0.78, 0.53, 0.25, true],
    'less by half the lift' => [0.78, 0.64, 0.25, true],
    'the same' => [0.78, 0.75, 0.25, false],
    'more' => [0.6, 0.85, 0.25, false],
    'less by far more' => [0.9, 0.2, 0.25, false],
    'nothing lifts' => [0.78, 0.53, 0.0, false],
]);
