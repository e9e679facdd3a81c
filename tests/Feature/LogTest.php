<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\LoadState;
use App\Models\Rig;
use App\Models\RigSnapshot;
use Illuminate\Support\Facades\Date;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $this->rig = Rig::query()->sole();
    $this->rig->trailer->update([
        'sheet' => [
            'tongue_weight_kg' => 390,
            'tongue_weight_by' => 'tongue_scale',
            'coupler_height_mm' => 480,
            'fresh_tank_kg' => 150,
            'fresh_tank_ahead_mm' => 2040,
        ],
    ]);
    $this->rig->hitch->update([
        'sheet' => ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 600, 'ball_height_mm' => 500],
    ]);
    foreach (['As weighed' => 0.2, 'Long trip' => 1.0] as $name => $fresh) {
        LoadState::query()->create([
            'rig_id' => $this->rig->id,
            'name' => $name,
            'as_weighed' => $name === 'As weighed',
            'fills' => ['fresh' => $fresh],
            'user_id' => 1,
        ]);
    }
    $this->work->update(['rig_as_worked' => RigSnapshot::sheetWith($this->rig->load('loadStates'))]);
    $this->set = function (Job $job, float $link = 4.0): void {
        foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['970 mm', '925 mm']] as $station => [$front, $rear]) {
            $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
        }
        $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => $link, 'washer' => 3, 'head' => 2]]);
        $this->tape($job, 'bars-up', ['front' => '956 mm', 'rear' => '944 mm'], ['rolled' => '1']);
    };
});

afterEach(fn () => Date::setTestNow());

it('teaches on an empty rig, and lists a set-up with its figures', function (): void {
    $this->get("/log/{$this->rig->id}")
        ->assertOk()
        ->assertSee('From the second set-up on');
    ($this->set)($this->work);
    $this->get("/log/{$this->rig->id}")
        ->assertOk()
        ->assertSeeInOrder(['A dome', 'link 4, 3 washers', 'As weighed', 'Tongue weight', '± '])
        ->assertSeeInOrder(['950 mm', '970 mm', '956 mm'])
        ->assertDontSee('Since A dome')
        ->assertSee('Return visit');
    $this->get('/log/99')->assertNotFound();
});

it('starts a return visit where it was left, corrected for what travels now, and says why', function (): void {
    ($this->set)($this->work);
    $visit = "/jobs/{$this->work->id}/visit";
    $this->get($visit)
        ->assertOk()
        ->assertSee('Left at link 4, 3 washers')
        ->assertSee('The recorded load is the same as last time.');
    $this->get("{$visit}?state=2")
        ->assertSee('120 l more in the fresh tank, ahead of the axles: +48 kg on the tongue')
        ->assertSee('tighter');
    Date::setTestNow(now()->addMonths(6));
    $this->post($visit, ['state' => '2', 'title' => ''])->assertSessionHasErrors('title');
    $this->post($visit, ['state' => '2', 'title' => 'Dome comes back'])->assertRedirect('/jobs/2');
    $back = Job::query()->findOrFail(2);

    expect($back->rigAsWorked()->loadState())
        ->toBe('Long trip')
        ->and($back->earlier_mark)
        ->toBe(Job::query()->findOrFail(1)->mark)
        ->and($back->start['left_at'])
        ->toEqual(['link' => 4, 'washer' => 3, 'head' => 2])
        ->and($back->start['steps']['washer'])
        ->toEqual(3)
        ->and($back->start['steps']['link'])
        ->toBeGreaterThanOrEqual(4)
        ->and($back->rigAsWorked()->bySheets()->described(Yoke\Job\Shop\ShopRules::usual()->priors)->prior()->likelyRig()->trailer()->tongueWeight)
        ->toEqualWithDelta(390 + (120 * 2040) / 5100, 1e-6)
        ->and($this->work->fresh()->rigAsWorked()->described(Yoke\Job\Shop\ShopRules::usual()->priors)->prior()->likelyRig()->trailer()->tongueWeight)
        ->toEqualWithDelta(390, 1e-6);
    $this->get('/jobs/2/brackets')
        ->assertSee('Return visit: start at link')
        ->assertSee('left at link 4, 3 washers last time.');

    ($this->set)($back, 5.0);
    $this->get("/log/{$this->rig->id}")
        ->assertSeeInOrder([
            'Dome comes back',
            'Since A dome',
            'The setting moved: 1 link tighter.',
            '120 l more in the fresh tank',
            'A dome',
        ])
        ->assertSee('Front axle load restored')
        ->assertSee('Tongue weight, from the first set-up shown to the last');
});

it('takes a load that nobody wrote down as the one that was aboard when the rig was weighed', function (): void {
    $this->work->update(['rig_as_worked' => RigSnapshot::sheetOf($this->rig)]);
    LoadState::query()
        ->where('as_weighed', true)
        ->update(['items' => json_encode([['name' => 'drums', 'kg' => 300, 'on' => 'trailer', 'mm' => 2000]])]);
    LoadState::query()
        ->where('name', 'Long trip')
        ->update(['items' => json_encode([['name' => 'drums', 'kg' => 300, 'on' => 'trailer', 'mm' => 2000]])]);
    ($this->set)($this->work);

    $this->get("/jobs/{$this->work->id}/visit?state=1")->assertSee('The recorded load is the same as last time.');
    $this->get("/jobs/{$this->work->id}/visit?state=2")
        ->assertSee('120 l more in the fresh tank')
        ->assertDontSee('Drums');
});

it('hooks a return visit up first where it starts', function (): void {
    ($this->set)($this->work);
    $this->post("/jobs/{$this->work->id}/visit", ['state' => '', 'title' => 'Again']);
    $again = Job::query()->findOrFail(2);
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['970 mm', '925 mm']] as $station => [$front, $rear]) {
        $this->tape($again, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->get('/jobs/2/bars-up')->assertSee('as it was left last time, corrected for what travels now.');
    $this->rig->hitch->update(['sheet' => ['bar_rate_kg_per_mm' => 9.0] + $this->rig->hitch->sheet]);
    $this->post("/jobs/{$this->work->id}/visit", ['state' => '', 'title' => 'Other bars']);

    expect($again->fresh()->rig_as_worked['learnt'])
        ->toHaveCount(7)
        ->and(Job::query()->findOrFail(3)->rig_as_worked['learnt'])
        ->toBeNull('what readings told of other bars does not hold for these');
});

it('finds every word in title or parts, and pages through the rest', function (): void {
    foreach (range(1, 45) as $i) {
        Job::query()->create([
            'rig_id' => $this->rig->id,
            'title' => $i === 7 ? 'Lantern 100% show' : "Visit {$i}",
            'booked_on' => now()->subDays($i),
            'rig_as_worked' => RigSnapshot::sheetOf($this->rig),
        ]);
    }
    $this->get('/log?find=lantern+drover')
        ->assertOk()
        ->assertSee('Lantern 100% show')
        ->assertDontSee('Visit 1<', false);
    $this->get('/log?find=100%25')->assertSee('Lantern 100% show')->assertDontSee('Visit 3<', false);
    $this->get('/log?find='.urlencode('<script>x'))
        ->assertOk()
        ->assertSee('No job holds')
        ->assertDontSee('<script>x', false);
    $this->get('/log')->assertSee('A dome')->assertSee('Earlier ones')->assertDontSee('Visit 30<', false);
    $this->get('/')->assertSee('34 more are open.');
    Job::query()
        ->where('title', 'Visit 2')
        ->update(['handed_over_at' => now()]);
    $this->get('/log?open=1')
        ->assertSee('Log, open jobs')
        ->assertSee('>Visit 3<', false)
        ->assertDontSee('>Visit 2<', false);
    $this->get('/log?page=2')->assertSee('>Visit 30<', false)->assertSee('Later ones');
    $this->get('/log?page=3')->assertSee('>Visit 45<', false)->assertDontSee('Earlier ones');
});

it('answers odd addresses in words, with no page at the most', function (string $address, int $status): void {
    expect($this->get($address)->status())->toBe($status);
})->with([
    ['/log?page=9223372036854775807', 200],
    ['/log?page=-3', 200],
    ['/log?page=two', 200],
    ['/log?find[]=x', 200],
    ['/log/1?skip=9223372036854775807', 200],
    ['/log/1?skip=-1', 200],
    ['/garage?page=9223372036854775807', 200],
    ['/jobs/1/visit?state=99', 200],
    ['/jobs/1/visit?state[]=1', 200],
    ['/log/one', 404],
    ['/log/0/care', 404],
    ['/jobs/9/files', 404],
    ['/jobs/9/photos', 404],
]);
