<?php

declare(strict_types=1);

use App\Models\CardLink;
use Illuminate\Support\Facades\Date;
use Smalot\PdfParser\Parser;
use Yoke\Workshop\Service\Recheck;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['trailer']['sheet'] = ['coupler_height_mm' => 480];
    $worked['hitch']['sheet'] = [
        'family' => 'chain-snap-up',
        'counting' => 'working',
        'ball_height_mm' => 500,
        'head_bolts_nm' => 205,
    ];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->handOver = function (): void {
        foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '930 mm']] as $station => [$front, $rear]) {
            $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
        }
        $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 5, 'washer' => 3, 'head' => 2]]);
        $this->tape($this->work, 'bars-up', ['front' => '954 mm', 'rear' => '948 mm'], ['rolled' => '1']);
    };
    $this->link = function (): CardLink {
        $this->post("/jobs/{$this->work->id}/card/links")->assertRedirect("/jobs/{$this->work->id}/card");

        return CardLink::query()->latest('id')->firstOrFail();
    };
});

it('says what is missing on a job that nobody set yet', function (): void {
    $this->get("/jobs/{$this->work->id}/card")
        ->assertOk()
        ->assertSee('not recorded')
        ->assertSee('–');
});

it('has the setting as this shop counts it, heights, ball, torques, and when to look again', function (): void {
    ($this->handOver)();
    $card = $this->get("/jobs/{$this->work->id}/card")
        ->assertOk()
        ->assertSee('link 3, 3 washers')
        ->assertSee('Links are counted as working ones, between bar and hook: fewer is tighter.')
        ->assertSeeInOrder(['Ball, unloaded', '500 mm'])
        ->assertSee('Head bolts 205 N·m')
        ->assertSeeInOrder(['Front fender', '950 mm', '965 mm', '954 mm', 'Rear fender', '985 mm', '930 mm', '948 mm'])
        ->assertSee('Breakaway cable to the vehicle, not the safety chains')
        ->assertSee('Ease off the throttle')
        ->assertSee('An aid to measuring, not a certificate');
    foreach (Recheck::cases() as $recheck) {
        [$what, $when] = App\Words\ServiceWords::recheck($recheck, null);
        $card->assertSee($what)->assertSee($when);
    }
});

it('tells the distances and months of the hitch\'s own sheet, and none where it says none', function (): void {
    $this->get("/jobs/{$this->work->id}/card")
        ->assertSee('at the distance of the data sheet')
        ->assertDontSee('Service of the hitch');
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] += ['retorque_km' => 80, 'service_km' => 8000, 'service_months' => 12];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->get("/jobs/{$this->work->id}/card")
        ->assertSee('after the first run, at 80 km as the data sheet says')
        ->assertSee('every 8000 km or 12 months, whichever comes first');
});

it('prints as one page of PDF', function (string $paper, string $box): void {
    ($this->handOver)();
    $pdf = (string) $this->get("/jobs/{$this->work->id}/card/{$paper}.pdf")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')
        ->getContent();

    expect($pdf)
        ->toStartWith('%PDF-')
        ->and(preg_match_all('~/Type\s*/Page\b~', $pdf))
        ->toBe(1)
        ->and($pdf)
        ->toContain($box)
        ->and(strlen($pdf))
        ->toBeGreaterThan(10_000);
    $text = preg_replace('/\s+/', ' ', (new Parser())->parseContent($pdf)->getText());
    foreach (
        [
            'A dome',
            'link 3, 3 washers on both sides',
            'fewer is tighter',
            '950 mm 965 mm 954 mm',
            '985 mm 930 mm 948 mm',
            'Head bolts 205 N·m (not recorded)',
            'after the first run',
            'Breakaway cable to the vehicle, not the safety chains',
            'Ease off the throttle',
            'not a certificate',
        ] as $says
    ) {
        expect($text)->toContain($says);
    }
    $this->get("/jobs/{$this->work->id}/card/napkin.pdf")->assertNotFound();
})->with(['A4' => ['a4', '595.280 841.890'], 'Letter' => ['letter', '612.000 792.000']]);

it('opens to whoever has its link, with the procedures and no more', function (): void {
    ($this->handOver)();
    $link = ($this->link)();
    $this->get("/jobs/{$this->work->id}/card")->assertSee($link->token);
    auth()->logout();

    $this->get($link->address())
        ->assertOk()
        ->assertSee('link 3, 3 washers')
        ->assertDontSee('Private links')
        ->assertDontSee("/jobs/{$this->work->id}/hand-over")
        ->assertDontSee('Sign out');
    $this->get($link->address(Yoke\Workshop\Procedure\Occasion::HookUp))
        ->assertOk()
        ->assertSee('Chock the trailer')
        ->assertSee('Back to the card')
        ->assertDontSee('Back to the steps');
    expect($this->get($link->pdfAddress(App\Models\Paper::A4))->assertOk()->getContent())->toStartWith('%PDF-');
    $this->get("/jobs/{$this->work->id}/card")->assertRedirect('/sign-in');
});

it('closes a link that is taken back, has ended, is guessed or cut short, in words', function (Closure $spoil): void {
    $link = ($this->link)();
    $address = $spoil($link, $this);
    auth()->logout();

    $this->get($address)->assertStatus(410)->assertSee('This link is closed')->assertDontSee('A dome');
    Date::setTestNow();
})->with([
    'taken back' => [
        function (CardLink $link, object $test): string {
            $test->post("/jobs/{$test->work->id}/card/links/{$link->id}/revoke");

            return $link->address();
        },
    ],
    'ended' => [
        function (CardLink $link): string {
            Date::setTestNow(Date::now()->addDays(731));

            return $link->address();
        },
    ],
    'guessed' => [fn (CardLink $link): string => '/card/'.str_repeat('a', 40).'?signature='.str_repeat('0', 64)],
    'unsigned' => [fn (CardLink $link): string => "/card/{$link->token}"],
    'cut short' => [fn (CardLink $link): string => substr($link->address(), 0, -6)],
    'signed for the card, turned to the PDF' => [
        fn (CardLink $link): string => str_replace(
            "/card/{$link->token}",
            "/card/{$link->token}/a4.pdf",
            $link->address(),
        ),
    ],
]);

it('keeps links of one job from another', function (): void {
    $link = ($this->link)();
    $other = $this->job();
    $this->post("/jobs/{$other->id}/card/links/{$link->id}/revoke")->assertNotFound();

    expect($link->refresh()->isOpen())->toBeTrue();
});

it('makes as many links as are asked for, each closed on its own', function (): void {
    [$first, $second] = [($this->link)(), ($this->link)()];
    $this->post("/jobs/{$this->work->id}/card/links/{$first->id}/revoke");
    $this->get("/jobs/{$this->work->id}/card")
        ->assertSee('revoked')
        ->assertSee($second->token)
        ->assertDontSee($first->token);

    expect($first->token)
        ->not->toBe($second->token)
        ->and(strlen($first->token))
        ->toBe(40)
        ->and($first->refresh()->isOpen())
        ->toBeFalse()
        ->and($second->refresh()->isOpen())
        ->toBeTrue();
});
