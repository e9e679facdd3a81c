<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Measuring\Readings\Weighing\MismatchKind;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\TicketSheet;
use Yoke\Measuring\Readings\Weighing\TicketText;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Measuring\Readings\Weighing\WeighingChecks;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\SimulatedRig;
use Yoke\Rig\Parts\Stance;

const FRONT_KG = 1420.0;
const REAR_KG = 1180.0;

function ticketText(string $typed, Stance $stance = Stance::Dropped, LoadUnit $unit = LoadUnit::Kilogram): Ticket
{
    return (new TicketText(new LoadParser($unit), Load::ofKilograms(10)))->read($stance, $typed);
}

/** What a weighbridge would show of a rig, with so much off at each axle. */
function weighed(CoupledRig $rig, ?Attitude $attitude, array $off = [], float $step = 10.0): Ticket
{
    $loads = [
        'front' => FRONT_KG + ($attitude?->frontLoad()->kilograms() ?? 0.0),
        'rear' => REAR_KG + ($attitude?->rearLoad()->kilograms() ?? 0.0),
    ];
    if ($attitude !== null) {
        $loads['trailer'] = $rig->trailer()->weight - $attitude->load;
    }
    $platforms = [];
    foreach ($loads as $axle => $load) {
        $platforms[] = new PlatformLoad(
            [WeighedAxle::from($axle)],
            Load::ofKilograms(round(($load + ($off[$axle] ?? 0.0)) / $step) * $step),
        );
    }

    return Ticket::of(
        $attitude === null ? Stance::Alone : ($attitude->barMoment > 0.0 ? Stance::Carried : Stance::Dropped),
        $platforms,
        null,
        Load::ofKilograms($step),
    );
}

it('reads a ticket as it is typed or pasted', function (string $typed, LoadUnit $unit, array $kilograms): void {
    $ticket = ticketText($typed, Stance::Dropped, $unit);
    $axles = array_map(fn (WeighedAxle $axle): ?float => $ticket->axle($axle)?->kilograms(), WeighedAxle::cases());

    expect($axles)
        ->toEqualWithDelta($kilograms, 0.5)
        ->and($ticket->vehicle()?->kilograms())
        ->toEqualWithDelta(2810.0, 1.0);
})->with([
    'lines' => ["front 1310 kg\nrear 1500 kg\ntrailer 2780 kg\ngross 5590 kg", LoadUnit::Kilogram, [1310, 1500, 2780]],
    'commas, bare' => ['front 1310, rear 1500, trailer 2780', LoadUnit::Kilogram, [1310, 1500, 2780]],
    'pasted, with colons and CRLF' => [
        "Steer axle: 1.310 t\r\nDrive axle: 1.5 t\r\nTandem: 2780 kg\r\nTotal: 5590\r\n",
        LoadUnit::Kilogram,
        [1310, 1500, 2780],
    ],
    'pounds' => ['FRONT = 2888; REAR = 3307; TRAILER = 6129', LoadUnit::Pound, [1310, 1500, 2780]],
    'a Spanish ticket' => [
        "Eje delantero: 1310 kg\nTrasero 1,5 t\nRemolque 2780\nBruto 5590\nHora 14:20",
        LoadUnit::Kilogram,
        [1310, 1500, 2780],
    ],
    'a shared platform' => ['front + rear 2810, trailer 2780', LoadUnit::Kilogram, [null, null, 2780]],
    'bare figures' => ["1310\n1500\n2780", LoadUnit::Kilogram, [1310, 1500, 2780]],
    'bare figures with a total and the time' => [
        "time 14:20\n2888 lb\n3307 lb\n6129 lb\n12324 lb",
        LoadUnit::Pound,
        [1310, 1500, 2780],
    ],
]);

it('keeps the time that a ticket says', function (string $typed, ?string $time): void {
    expect(ticketText("{$typed}\nfront 1310, rear 1500, trailer 2780")->time)->toBe($time);
})->with([['time 14:20', '14:20'], ['Time: 9:05', '9:05'], ['gross 5590', null]]);

it('says what a ticket lacks, and what it should have been', function (
    string $typed,
    Stance $stance,
    string $says,
): void {
    expect(fn () => ticketText($typed, $stance))->toThrow(ImpossibleTicket::class, $says);
})->with([
    'nothing' => ['  ', Stance::Alone, 'ticket.empty'],
    'prose' => ['it was heavy', Stance::Alone, 'ticket.line '],
    'an axle nobody knows' => ['nose 1310, rear 1500', Stance::Alone, 'ticket.line typed=nose 1310'],
    'an axle twice' => ['front 1310, front 1500, trailer 900', Stance::Dropped, 'ticket.twice axle=front'],
    'an axle missing' => ['front 1310, trailer 2780', Stance::Dropped, 'ticket.missing axle=rear'],
    'no trailer coupled' => ['front 1310, rear 1500', Stance::Carried, 'ticket.missing axle=trailer'],
    'a trailer alone' => ['front 1310, rear 1500, trailer 2780', Stance::Alone, 'ticket.trailer_alone'],
    'a gross that is not the sum' => [
        'front 1310, rear 1500, trailer 2780, gross 5950',
        Stance::Dropped,
        'ticket.sum axles_kg=5590 gross_kg=5950',
    ],
    'a gross just past what the steps allow' => [
        'front 1310, rear 1500, trailer 2780, gross 5640',
        Stance::Dropped,
        'ticket.sum axles_kg=5590',
    ],
    'a time that no clock shows' => [
        'front 1310, rear 1500, trailer 2780, time 25:99',
        Stance::Dropped,
        'ticket.line ',
    ],
    'bare figures of which the last is no sum' => ["1310\n1500\n2780\n5950", Stance::Dropped, 'ticket.sum axles_kg=5590'],
    'five bare figures' => ["1310\n1500\n2780\n20\n5610", Stance::Dropped, 'ticket.line '],
    'weightless' => ['front 0, rear 1500, trailer 2780', Stance::Dropped, 'ticket.weightless axle=front'],
]);

it('finds tongue weight and share within the scale\'s steps', function (float $share): void {
    $rig = Priors::rig()->likelyRig();
    $carried = $rig->carried($rig->tensionFor($share));
    $weighing = new Weighing(weighed($rig, null), weighed($rig, $rig->dropped()));
    $restored = $weighing->restored(weighed($rig, $carried));
    $moved = $weighing->moved(weighed($rig, $carried));

    expect($weighing->tongueWeight($rig)->mean())
        ->toEqualWithDelta(402.0, 15.0)
        ->and(abs($weighing->droppedLoad()->mean() - $rig->dropped()->load))
        ->toBeLessThan(3.5 * $weighing->droppedLoad()->deviation())
        ->and(abs($restored->mean() - $share))
        ->toBeLessThan(3.5 * $restored->deviation())
        ->and($moved['forward'] / $moved['back'])
        ->toEqualWithDelta((5150 + 1340) / 3720, 0.35);
})->with([0.5, 0.75, 1.0]);

it(
    'corrects the tongue weight from the dropped attitude to level, exactly where the scale is exact',
    function (): void {
        $rig = Priors::rig()->likelyRig();
        $weighing = new Weighing(weighed($rig, null, [], 0.01), weighed($rig, $rig->dropped(), [], 0.01));

        expect($weighing->tongueWeight($rig)->mean())
            ->toEqualWithDelta(402.0, 0.05)
            ->and(abs($weighing->droppedLoad()->mean() - 402.0))
            ->toBeGreaterThan(1.0);
    },
);

it('cannot tell what shared a platform hides', function (): void {
    $rig = Priors::rig()->likelyRig();
    $shared = ticketText('front+rear 2990, trailer 2790');
    $weighing = new Weighing(weighed($rig, null), $shared);

    expect($weighing->droppedLoad()?->mean())
        ->toEqualWithDelta(390.0, 1e-6)
        ->and($weighing->restored($shared))
        ->toBeNull()
        ->and($weighing->moved($shared))
        ->toBeNull();
});

it('tells what a step is worth from two settings', function (float $steps): void {
    $rig = Priors::rig()->likelyRig();
    $at = fn (float $share): Ticket => weighed($rig, $rig->carried($rig->tensionFor($share)));
    $worth = (new Weighing(weighed($rig, null), weighed($rig, $rig->dropped())))->perStep($at(0.5), $at(0.9), $steps);

    expect($worth->mean())
        ->toEqualWithDelta(0.4 / $steps, 0.08 / abs($steps))
        ->and(abs($worth->mean() - 0.4 / $steps))
        ->toBeLessThan(3.5 * $worth->deviation());
})->with([1.0, 2.5, -2.0]);

it('says when tickets do not agree, and what it probably is', function (
    array $alone,
    array $dropped,
    array $carried,
    array $kinds,
): void {
    $rig = Priors::rig()->likelyRig();
    $tickets = [
        weighed($rig, null, $alone),
        weighed($rig, $rig->dropped(), $dropped),
        weighed($rig, $rig->carried($rig->tensionFor(0.75)), $carried),
    ];
    $mismatches = (new WeighingChecks($rig, $tickets[0], $tickets[1]))->mismatches($tickets[2]);

    expect(array_column($mismatches, 'kind'))->toBe($kinds);
})->with([
    'all agree' => [[], [], [], []],
    'somebody got in' => [[], [], ['rear' => 90], [MismatchKind::HeavierCarried]],
    'alone heavier' => [['rear' => 600], [], [], [MismatchKind::AloneHeavierThanCoupled]],
    'front and trailer do not match' => [[], [], ['front' => 80, 'rear' => -80], [MismatchKind::GainsOutOfProportion]],
    'the front lost' => [[], ['front' => 180, 'rear' => -180], [], [MismatchKind::FrontLostLoad]],
    'bars left on' => [[], ['front' => 107, 'rear' => -164, 'trailer' => 57], [], [MismatchKind::FrontUnchanged]],
    'somebody got out' => [[], [], ['rear' => -90], [MismatchKind::LighterCarried]],
    'kilograms for pounds' => [[], ['trailer' => -1740], ['trailer' => -1740], [MismatchKind::KilogramsForPounds]],
    'creep within what is usual' => [[], [], ['rear' => 30], []],
    'pounds for kilograms' => [[], ['trailer' => 3700], ['trailer' => 3700], [MismatchKind::PoundsForKilograms]],
]);

it('keeps the rig\'s weight, whatever its stance, in what a simulated weighbridge would find', function (): void {
    $rig = Priors::rig()->likelyRig();
    $simulated = new SimulatedRig(
        $rig,
        $rig->tensionFor(0.75),
        ['front' => 950.0, 'rear' => 985.0],
        ['front' => 20.0, 'rear' => 60.0],
    );
    $alone = ['front' => FRONT_KG, 'rear' => REAR_KG];
    $total = fn (array $loads): float => array_sum($loads);

    expect($simulated->loads(Stance::Alone, $alone))
        ->toBe($alone)
        ->and($total($simulated->loads(Stance::Dropped, $alone)))
        ->toEqualWithDelta(FRONT_KG + REAR_KG + $rig->trailer()->weight, 1e-6)
        ->and($total($simulated->loads(Stance::Carried, $alone)))
        ->toEqualWithDelta(FRONT_KG + REAR_KG + $rig->trailer()->weight, 1e-6)
        ->and($simulated->loads(Stance::Carried, $alone)['front'])
        ->toBeGreaterThan($simulated->loads(Stance::Dropped, $alone)['front']);
});

it('reads a sheet of tickets and names the line at fault', function (string $file, int|string $expected): void {
    $sheet = new TicketSheet(new TicketText(new LoadParser(LoadUnit::Kilogram), Load::ofKilograms(10)));
    if (is_int($expected)) {
        expect($sheet->read($file))->toHaveCount($expected);
    } else {
        expect(fn () => $sheet->read($file))->toThrow(ImpossibleTicket::class, $expected);
    }
})->with([
    'one ticket' => ["stance,front,rear\nalone,1460,1190", 1],
    'front and rear on one platform' => ["stance;front+rear;trailer\ndropped;3040;2710\n", 1],
    'in Spanish' => [
        "posición;delantero;trasero;remolque\nsolo;1460;1190;\nsin barras;1310;1500;2780\ncon barras;1400;1440;2750",
        3,
    ],
    'platforms of two in Spanish' => ["posición,delantero + trasero,remolque,hora\nsin barras,2810,2780,14:20", 1],
    'no stance said' => ["posición,delantero,trasero\nvolando,1460,1190", 'ticket.in_line line=2; ticket.stance'],
    'blank lines between' => ["stance,front,rear\n\nalone,1460,1190\n\nalone,1450,1200\n", 2],
    'headings nobody asked for' => ["stance,weather,front,rear\nalone,rain,1460,1190", 1],
    'words for loads' => ["stance,front,rear\nalone,heavy,1190", 'ticket.in_line line=2; ticket.line'],
    'not text' => ["stance\xFF\xFE", 'ticket.not_text'],
]);

it(
    'takes a gross within a step of each platform and its own, and doubts a share by all three tickets',
    function (): void {
        $rig = Priors::rig()->likelyRig();
        $weighing = new Weighing(weighed($rig, null), weighed($rig, $rig->dropped()));
        $carried = weighed($rig, $rig->carried($rig->tensionFor(0.8)));
        $share = $weighing->restored($carried);
        // A usual weighbridge is good to 6 kg, its display of 10 kg included.
        $step = 6.0;
        $lost = weighed($rig, null)
            ->axle(WeighedAxle::Front)
            ->minus(weighed($rig, $rig->dropped())->axle(WeighedAxle::Front))
            ->kilograms();

        expect(ticketText('front 1310, rear 1500, trailer 2780, gross 5630')->total()->kilograms())
            ->toEqualWithDelta(5590.0, 1e-6)
            ->and($share->deviation())
            ->toEqualWithDelta(
                sqrt($step ** 2 + ((1 - $share->mean()) * $step) ** 2 + ($share->mean() * $step) ** 2) / $lost,
                1e-9,
            );
    },
);

it('takes bare figures of the vehicle alone for its two axles and their total', function (): void {
    $alone = ticketText("1310\n1500\n2810", Stance::Alone);

    expect($alone->axle(WeighedAxle::Front)?->kilograms())
        ->toBe(1310.0)
        ->and($alone->axle(WeighedAxle::Rear)?->kilograms())
        ->toBe(1500.0)
        ->and($alone->axle(WeighedAxle::Trailer))
        ->toBeNull();
});
