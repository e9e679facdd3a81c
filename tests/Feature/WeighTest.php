<?php

declare(strict_types=1);

use App\Models\WeighTicket;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['trailer']['sheet'] = [
        'tongue_weight_kg' => 390,
        'tongue_weight_by' => 'estimate',
        'coupler_height_mm' => 480,
    ];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500, 'ball_height_mm' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
});

function weighTicket(object $test, string $stance, string $typed): Illuminate\Testing\TestResponse
{
    return $test->post("/jobs/{$test->work->id}/weigh", ['stance' => $stance, 'ticket' => $typed, 'step' => '10 kg']);
}

it('teaches before the first ticket, and tells tongue weight and share once there are three', function (): void {
    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertOk()
        ->assertSee('Two tickets, alone and dropped, tell the tongue weight');
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    weighTicket($this, 'alone', "front 1460\nrear 1190")
        ->assertRedirect("/jobs/{$this->work->id}/weigh")
        ->assertSessionHas('saved');
    weighTicket($this, 'dropped', 'front 1320, rear 1720, trailer 2710, gross 5750');
    weighTicket($this, 'carried', 'front 1420, rear 1560, trailer 2770');

    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertOk()
        ->assertSeeInOrder([
            'Tongue weight on the ball, dropped',
            '390 kg ± ',
            'Tongue weight, corrected to level',
            'Front axle load restored, link 4, 3 washers',
            '71 ± 5 %',
            'Of it moved',
            '26 %, 15 %',
        ])
        ->assertSee('class="load-arrow"', false)
        ->assertSee('1420 kg');
});

it('joins the fit beside the heights, and the axle scale judges', function (): void {
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm'], 'bars-up' => ['953 mm', '948 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $tongueDoubt = function (): int {
        preg_match(
            '/Tongue weight<\/th><td[^>]*>\d+ kg ± (\d+) kg/',
            (string) $this->get("/jobs/{$this->work->id}/bars-up?show=rig")->getContent(),
            $found,
        );

        return (int) $found[1];
    };
    $before = $tongueDoubt();
    $this->get("/jobs/{$this->work->id}/bars-up?show=methods")->assertSee('Weigh the rig alone, dropped and carried.');
    weighTicket($this, 'alone', 'front 1460, rear 1190');
    weighTicket($this, 'dropped', 'front 1320, rear 1720, trailer 2710');
    weighTicket($this, 'carried', 'front 1420, rear 1560, trailer 2770');

    expect($tongueDoubt())->toBeLessThan((int) ($before / 2));
    $this->get("/jobs/{$this->work->id}/bars-up?show=methods")
        ->assertDontSee('Weigh the rig alone, dropped and carried.')
        ->assertSee('The scale finds the front axle in range.');
});

it('tells what a link is worth from two settings, and weighs axles against their ratings', function (): void {
    $worked = $this->work->rig_as_worked;
    $worked['vehicle']['sheet'] = ['rear_gawr_kg' => 1700, 'front_gawr_kg' => 1500];
    $worked['trailer']['sheet'] += ['trailer_gawr_kg' => 3000];
    $this->work->update(['rig_as_worked' => $worked]);
    weighTicket($this, 'alone', 'front 1460, rear 1190');
    weighTicket($this, 'dropped', 'front 1320, rear 1720, trailer 2710');
    foreach (
        [[3, 'front 1380, rear 1630, trailer 2740'], [5, 'front 1450, rear 1520, trailer 2780']] as [$link, $ticket]
    ) {
        $this->post("/jobs/{$this->work->id}/bars-up/rounds", [
            'steps' => ['link' => $link, 'washer' => 3, 'head' => 2],
        ]);
        weighTicket($this, 'carried', $ticket);
    }

    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertSeeInOrder(['Worth of one link', '+25 ± '])
        ->assertSeeInOrder([
            'Dropped: weighed',
            'Rear axle',
            '1720 kg',
            '1700 kg',
            'over by 20 kg',
            'Trailer axles',
            '290 kg left',
        ])
        ->assertSeeInOrder(['Carried, link 5', 'Front axle', '1450 kg', '50 kg left']);
});

it('lets front and rear weighed on one platform join the fit', function (): void {
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    weighTicket($this, 'alone', 'front+rear 2650');
    weighTicket($this, 'dropped', 'front + rear 3040, trailer 2710');

    preg_match(
        '/Tongue weight<\/th><td[^>]*>(\d+) kg ± (\d+) kg/',
        (string) $this->get("/jobs/{$this->work->id}/bars-up?show=rig")->getContent(),
        $found,
    );
    expect((int) $found[1])->toBeBetween(375, 405)->and((int) $found[2])->toBeLessThan(12);
});

it('names friction where the fender says otherwise than the scale', function (): void {
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '930 mm'], 'bars-up' => ['950 mm', '948 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    foreach (
        [
            'alone' => 'front 1460, rear 1190',
            'dropped' => 'front 1320, rear 1720, trailer 2710',
            'carried' => 'front 1420, rear 1560, trailer 2770',
        ] as $stance => $ticket
    ) {
        weighTicket($this, $stance, $ticket);
    }

    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertSee('Tape says 89 %, scale says 71 %.')
        ->assertSee('The springs stick where they stopped')
        ->assertSee('In range');
});

it('keeps a ticket that is taken back, and counts it no more', function (): void {
    weighTicket($this, 'alone', 'front 1460, rear 1190');
    weighTicket($this, 'dropped', 'front 1320, rear 1720, trailer 2710');
    $this->post("/jobs/{$this->work->id}/weigh/2/withdraw")->assertRedirect("/jobs/{$this->work->id}/weigh");

    expect(WeighTicket::query()->count())
        ->toBe(2)
        ->and(WeighTicket::query()->find(2)->withdrawn_at)
        ->not->toBeNull();
    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertDontSee('Tongue weight on the ball, dropped')
        ->assertSee('Two tickets, alone and dropped');
});

it('refuses a ticket in words, keeps what was typed and nothing of it', function (
    string $stance,
    string $typed,
    string $says,
): void {
    weighTicket($this, $stance, $typed)->assertSessionHasErrors('ticket');
    expect(session('errors')->first('ticket'))
        ->toContain($says)
        ->and(WeighTicket::query()->count())
        ->toBe(0);
    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertSee($typed)
        ->assertSee($says);
})->with([
    'a missing axle' => ['dropped', 'front 1320, trailer 2710', 'The rear axle is missing'],
    'a sum that is not the gross' => [
        'dropped',
        'front 1320, rear 1720, trailer 2710, gross 6750',
        'the gross says 6750 kg',
    ],
    'prose' => ['alone', 'about two tonnes', 'does not read as a line'],
    'a stance of its own' => ['floating', 'front 1320, rear 1720', 'Expected a stance'],
]);

it('says when tickets cannot both be right', function (): void {
    weighTicket($this, 'alone', 'front 1460, rear 1190');
    weighTicket($this, 'dropped', 'front 700, rear 640, trailer 1220');

    $this->get("/jobs/{$this->work->id}/weigh")->assertSee('more alone than with the trailer');
});

it('names the carried ticket whose sum differs, where two settings were weighed', function (): void {
    $at = fn (int $link) => $this->post("/jobs/{$this->work->id}/bars-up/rounds", [
        'steps' => ['link' => $link, 'washer' => 3, 'head' => 2],
    ]);
    weighTicket($this, 'alone', 'front 1460, rear 1190');
    weighTicket($this, 'dropped', 'front 1320, rear 1720, trailer 2710');
    $at(4);
    weighTicket($this, 'carried', 'front 1400, rear 1510, trailer 2680');
    $at(5);
    weighTicket($this, 'carried', 'front 1420, rear 1560, trailer 2770');

    // 1400 + 1510 + 2680 is 160 kg less than dropped; the other sum is the same.
    $this->get("/jobs/{$this->work->id}/weigh")
        ->assertSee('Link 4, 3 washers: The rig weighs 160 kg less carried than dropped')
        ->assertSee('fuel was burnt')
        ->assertDontSee('Link 5, 3 washers: The rig weighs');
});

it('reads tickets from a file, whatever parts its values', function (string $file): void {
    $this->post("/jobs/{$this->work->id}/weigh", [
        'step' => '10 kg',
        'file' => UploadedFile::fake()->createWithContent('tickets.csv', $file),
    ])->assertSessionHasNoErrors();
    expect(
        WeighTicket::query()
            ->orderBy('id')
            ->get()
            ->map(fn (WeighTicket $ticket): array => [$ticket->stance->value, $ticket->core()->vehicle()?->kilograms()])
            ->all(),
    )->toEqual([['alone', 2650.0], ['dropped', 3040.0]]);
})->with([
    'commas' => ["stance,front,rear,trailer\nalone,1460,1190,\ndropped,1320,1720,2710\n"],
    'semicolons, decimals, CRLF, a byte order mark' => [
        "\u{FEFF}stance;front;rear;trailer;gross\r\nalone;1460,0;1190;;2650\r\ndropped;1320;1720;2710;5750\r\n",
    ],
    'tabs, other order, quotes' => [
        "rear\tfront\tstance\ttrailer\n\"1190 kg\"\t\"1460 kg\"\talone\t\n1720\t1320\tdropped\t2.71 t\n",
    ],
]);

it('refuses a file in words', function (string $file, string $says): void {
    $this->post("/jobs/{$this->work->id}/weigh", [
        'step' => '10 kg',
        'file' => UploadedFile::fake()->createWithContent('tickets.csv', $file),
    ])->assertSessionHasErrors('ticket');
    expect(session('errors')->first('ticket'))
        ->toContain($says)
        ->and(WeighTicket::query()->count())
        ->toBe(0);
})->with([
    'binary' => ["\x00\x01\x02\xFF", 'Expected a text file'],
    'headings only' => ["stance,front,rear\n", 'this has 1 lines'],
    'ten thousand lines' => [str_repeat("alone,1460,1190\n", 10_000), 'this has 10000 lines'],
    'no stance' => ["front,rear\n1460,1190\n", 'Expected a heading "stance"'],
    'a bad line, named' => [
        "stance,front,rear,trailer\nalone,1460,1190,\ndropped,1320,,2710\n",
        'Line 3: The rear axle is missing',
    ],
    'a stance nobody knows' => ["stance,front,rear\nsideways,1460,1190\n", 'Line 2: Expected a stance'],
]);

it('refuses a file over 8 MB', function (): void {
    $this->post("/jobs/{$this->work->id}/weigh", [
        'step' => '10 kg',
        'file' => UploadedFile::fake()->create('tickets.csv', 8 * 1024 + 1),
    ])->assertSessionHasErrors(['ticket' => 'Expected a file of at most 8 MB.']);
});

it('lets a ticket that is withdrawn weigh no more in what the readings tell', function (): void {
    $told = fn (): float => app()
        ->make(App\UseCases\Analysis\JobAnalyses::class)
        ->of(App\Models\Job::query()->findOrFail($this->work->id))
        ->posterior()
        ->rig()
        ->trailer()->tongueWeight;
    $without = $told();
    foreach (
        ['alone' => 'front 1450 kg, rear 1180 kg', 'dropped' => 'front 1310 kg, rear 1890 kg, trailer 2530 kg'] as $stance => $ticket
    ) {
        $this->post("/jobs/{$this->work->id}/weigh", ['stance' => $stance, 'ticket' => $ticket]);
    }
    app()->forgetScopedInstances();
    $with = $told();
    foreach (App\Models\WeighTicket::query()->pluck('id') as $ticket) {
        $this->post("/jobs/{$this->work->id}/weigh/{$ticket}/withdraw");
    }
    app()->forgetScopedInstances();

    expect(abs($with - $without))->toBeGreaterThan(5.0)->and($told())->toEqualWithDelta($without, 1e-6);
});

it('says beside each load of a ticket how much it changed from alone', function (): void {
    $save = fn (string $stance, string $ticket) => $this->post("/jobs/{$this->work->id}/weigh", [
        'stance' => $stance,
        'step' => '10 kg',
        'ticket' => $ticket,
    ])->assertSessionHasNoErrors();
    $save('alone', 'front 1500 kg, rear 1150 kg');
    $save('dropped', 'front 1380 kg, rear 1610 kg, trailer 2360 kg');
    $save('carried', 'front 1470 kg, rear 1460 kg, trailer 2420 kg');
    $page = (string) $this->get("/jobs/{$this->work->id}/weigh")->getContent();
    preg_match_all('/data-change>([^<]*)</', $page, $changes);
    $kg = fn (string $says): float => (float) str_replace(['−', '+', ' lb', ' kg', ','], ['-', '', '', '', ''], $says) *
        (str_contains($says, 'lb') ? 0.45359237 : 1.0);
    $found = array_map($kg, $changes[1]);

    // Two of dropped and carried each against alone; what the trailer gains between them is what bars moved to it.
    expect($found)
        ->toHaveCount(6)
        ->and([$found[0], $found[1], $found[3], $found[4]])
        ->toEqualWithDelta([-120.0, 460.0, -30.0, 310.0], 1.0)
        ->and($found[5] - $found[2])
        ->toEqualWithDelta(60.0, 1.5);
});

it('asks what a load that no axle has was meant as, in the unit it was typed in', function (
    string $fineness,
    string $ticket,
    string $says,
): void {
    $person = $this->person('Wren', $fineness);
    $this->actingAs($person);
    $job = $this->job();
    $this->post("/jobs/{$job->id}/weigh", ['stance' => 'alone', 'ticket' => $ticket, 'step' => '10 kg'])
        ->assertSessionHasErrors('ticket');
    $this->get("/jobs/{$job->id}/weigh")->assertSee($says)->assertSee($ticket);
    expect($job->tickets()->count())->toBe(0);
})->with([
    'tonnes for kilograms' => ['1 mm', 'front 1.46, rear 1.19', 'Read as t it would be 1460 kg'],
    'tonnes for pounds' => ['1/16 in', 'front 1.46, rear 1.19', 'Read as t it would be 3219 lb'],
    'too heavy for any' => ['1 mm', 'front 146000, rear 119000', 'Expected between 20 and 40000 kg, and 146000 is outside.'],
]);
