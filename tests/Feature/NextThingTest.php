<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;

beforeEach(function (): void {
    $this->person('Wren Tallow', '1/16 in');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->at = "/jobs/{$this->work->id}";
    $this->rolled = fn (string $station, string $front, string $rear) => $this->tape(
        $this->work,
        $station,
        ['front' => $front, 'rear' => $rear],
        ['rolled' => '1'],
    );
    $this->tells = fn (): array => json_decode(
        (string) $this->get("{$this->at}/job.json")->getContent(),
        true,
        flags: JSON_THROW_ON_ERROR,
    )['analysis'];
    $this->chain = function (): void {
        $worked = $this->work->rig_as_worked;
        $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500];
        $this->work->update(['rig_as_worked' => $worked]);
    };
});

it('leads from the first minute to the next thing that is not done, and says what leaving it out costs', function (): void {
    $this->get("{$this->at}/brief")
        ->assertSee('Next: measure the vehicle alone.')
        ->assertSee("href=\"http://127.0.0.1:8000{$this->at}/alone\"", false);
    expect(($this->rolled)('alone', '37 7/16', '38 7/8')->json('next'))->toEndWith('/head')
        ->and(($this->tells)()['next'])->toBe('head');
    $this->get("{$this->at}/head")
        ->assertSee('Skip to Dropped')
        ->assertSee('Without it the ball counts as level with the coupler.');
    $this->get("{$this->at}/dropped")->assertSee('Next: couple, bars off, and measure dropped.');
    $this->post("{$this->at}/head/close");
    expect(($this->tells)()['next'])->toBe('brackets');
    expect(($this->rolled)('dropped', '38 7/16', '36 11/16')->json('next'))->toEndWith('/bars-up');
});

it('asks for nothing but carried at a setting that was recorded and not read, whatever was read before', function (): void {
    ($this->chain)();
    foreach ([['alone', '37 7/16', '38 7/8'], ['dropped', '38 7/16', '36 11/16']] as $taped) {
        ($this->rolled)(...$taped);
    }
    $this->post("{$this->at}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    ($this->rolled)('bars-up', '37 13/16', '37 1/2');
    expect(($this->tells)()['verdict'])->not->toBeNull();

    $this->post("{$this->at}/bars-up/rounds", ['steps' => ['link' => 3, 'washer' => 3, 'head' => 2]]);
    expect(($this->tells)())->toMatchArray(['verdict' => null, 'front_restored' => null, 'next' => 'carried']);
    foreach (['bars-up', 'diagnosis', 'weigh', 'card'] as $page) {
        $this->get("{$this->at}/{$page}")->assertOk()->assertDontSee('data-restored', false);
    }
    $this->get("{$this->at}/bars-up")
        ->assertSee('Measure carried at link 3, 3 washers.')
        ->assertSee('No verdict at this setting yet')
        ->assertDontSee('likely to be in range');

    ($this->rolled)('bars-up', '37 11/16', '37 3/4');
    expect(($this->tells)()['verdict'])->not->toBeNull();
});

it('says what to do once on a page, and no second button leads away from a look', function (): void {
    ($this->chain)();
    ($this->rolled)('alone', '37 7/16', '38 7/8');
    foreach (['brief', 'alone', 'head', 'dropped', 'bars-up', 'prove'] as $page) {
        $html = (string) $this->get("{$this->at}/{$page}")->assertOk()->getContent();
        expect(substr_count($html, 'Next: '))->toBe(1, $page);
    }
    ($this->rolled)('dropped', '38 7/16', '36 11/16');
    $this->post("{$this->at}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    ($this->rolled)('bars-up', '37 13/16', '37 1/2');
    $move = ($this->tells)()['move'];
    expect($move['do'])->toBe('read_again');
    $this->get("{$this->at}/prove")->assertDontSee('Next: Bars up');
});

it('judges no rig by one stance, and says why', function (): void {
    ($this->rolled)('bars-up', '37 13/16', '37 1/2');

    expect(($this->tells)())->toMatchArray(['verdict' => null, 'next' => 'tension_off']);
    $this->get("{$this->at}/bars-up")
        ->assertSee('No verdict: a rig cannot be judged from one stance.')
        ->assertSee('Next: take the tension off and measure dropped, then alone.')
        ->assertDontSee('data-restored', false);
});

it('takes the family by its picture at Alone, in one tap', function (): void {
    $this->get("{$this->at}/alone")->assertSee('Which hitch is it?')->assertSee('class="close-up-picture"', false);
    $this->post("{$this->at}/alone/facts/hitch/family", ['family' => 'friction-bracket'])
        ->assertSessionHasNoErrors()
        ->assertRedirect("{$this->at}/alone");
    $this->get("{$this->at}/alone")->assertDontSee('Which hitch is it?');
    expect(Job::query()->sole()->rigAsWorked()->specified()->family()?->key())->toBe('friction-bracket');
});

it('goes by the front fender alone once the rear is left out', function (): void {
    ($this->chain)();
    expect($this->tape($this->work, 'alone', ['front' => '37 7/16', 'rear' => ''])->json('next'))->toEndWith('/head')
        ->and($this->tape($this->work, 'dropped', ['front' => '38 7/16', 'rear' => ''])->json('next'))
        ->toEndWith('/bars-up');
    $this->get("{$this->at}/dropped")->assertSee('<span class="sr-only">, done</span>', false);
});

it('shows and takes the road in miles for whoever reads inches', function (): void {
    $hitch = $this->work->rig->hitch;
    $hitch->update(['sheet' => ['family' => 'chain-snap-up', 'retorque_km' => 80]]);
    $this->get("/garage/hitch/{$hitch->id}")->assertSee('Torque again after')->assertSee('value="50 mi"', false);
    $this->post("/garage/hitch/{$hitch->id}", ['name' => $hitch->name, 'retorque_km' => '50 mi', 'service_km' => '5000'])
        ->assertSessionHasNoErrors();
    expect($hitch->fresh()->sheet['retorque_km'])->toEqual(80)
        ->and($hitch->fresh()->sheet['service_km'])->toEqualWithDelta(8046.72, 0.01);
    $this->post("/garage/hitch/{$hitch->id}", ['name' => $hitch->name, 'service_km' => 'far'])
        ->assertSessionHasErrors(['service_km' => 'Expected a distance, such as 80 km or 50 mi.']);
});
