<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\TorqueRecord;
use App\Models\User;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->work->update([
        'rig_as_worked' => array_replace_recursive($this->work->rig_as_worked, [
            'hitch' => ['sheet' => ['family' => 'chain-snap-up', 'head_bolts_nm' => 205]],
        ]),
    ]);
    $this->mark = '0f0f0f0f-1111-2222-3333-444444444444';
    $this->wrench = fn (string $wrench, array $headers = [], ?string $mark = null) => $this->post(
        "/jobs/{$this->work->id}/head/torques",
        ['fastener' => 'head_bolts_nm', 'wrench' => $wrench, '_once' => $mark ?? $this->mark],
        $headers,
    );
    $this->waited = ['X-Waited' => '1', 'Accept' => 'application/json'];
});

it('takes an entry once, however often it comes, and another mark anew', function (): void {
    ($this->wrench)('205')->assertRedirect("/jobs/{$this->work->id}/head");
    ($this->wrench)('205')->assertRedirect();
    ($this->wrench)('205', $this->waited)
        ->assertOk()
        ->assertJson(['says' => []]);
    expect(TorqueRecord::query()->count())->toBe(1);
    ($this->wrench)('205', $this->waited, '0f0f0f0f-1111-2222-3333-555555555555')
        ->assertOk()
        ->assertJsonPath('back', url("/jobs/{$this->work->id}/head"));

    expect(TorqueRecord::query()->count())
        ->toBe(2)
        ->and(TorqueRecord::query()->first()->typed)
        ->toBe('205');
});

it(
    'says what was refused of an entry that waited, also when its answer got lost; and does not repeat what a page said',
    function (): void {
        foreach ([1, 2] as $time) {
            expect(($this->wrench)('tight', $this->waited)->assertOk()->json('says'))
                ->toHaveCount(1, "time {$time}")
                ->and(session()->has('errors'))
                ->toBeFalse();
        }
        ($this->wrench)('tight', [], '0f0f0f0f-1111-2222-3333-666666666666')->assertSessionHasErrorsIn(
            'torque',
            'wrench',
        );
        expect(($this->wrench)('tight', $this->waited, '0f0f0f0f-1111-2222-3333-666666666666')->json('says'))
            ->toBe([])
            ->and(TorqueRecord::query()->count())
            ->toBe(0);
    },
);

it(
    'tells what the tape stands on after an entry, the same when asked again, and which field was overtaken',
    function (): void {
        $send = fn (string $front, string $mark, string $on = '') => $this->postJson(
            "/jobs/{$this->work->id}/alone/tape",
            ['typed' => ['front' => $front], 'based_on' => ['front' => $on], '_once' => $mark],
            ['X-Waited' => '1'],
        );
        $first = $send('950', $this->mark)->assertOk()->json();
        $again = $send('950', $this->mark)->assertOk()->json();
        $overtaken = $send('960', '0f0f0f0f-1111-2222-3333-777777777777')->assertOk()->json();

        expect($again)
            ->toBe($first)
            ->and($first['fields']['front']['basedOn'])
            ->toBe(Reading::query()->sole()->id)
            ->and($first)
            ->not->toHaveKey('parts')
            ->and($overtaken['says'])
            ->toHaveCount(1)
            ->and(Reading::query()->count())
            ->toBe(1);
        $send('960', '0f0f0f0f-1111-2222-3333-888888888888', (string) $first['fields']['front']['basedOn']);
        expect(Reading::query()->count())->toBe(2);
    },
);

it('takes nothing of an entry that failed, so that it may come again; and no mark that is none', function (): void {
    $this->post('/jobs/77/head/torques', ['_once' => $this->mark])->assertNotFound();
    $this->post("/jobs/{$this->work->id}/head/torques", [
        'fastener' => 'coffee',
        '_once' => $this->mark,
    ])->assertNotFound();
    expect(DB::table('sent_entries')->count())->toBe(0);
    ($this->wrench)('205')->assertRedirect();
    ($this->wrench)('205', [], 'mine')->assertRedirect();
    ($this->wrench)('205', [], 'mine')->assertRedirect();

    expect(TorqueRecord::query()->count())
        ->toBe(3)
        ->and(DB::table('sent_entries')->count())
        ->toBe(1);
});

it(
    'binds a mark to its person and address: the same one elsewhere is another sending, and tells nobody another\'s answer',
    function (): void {
        ($this->wrench)('tight', $this->waited)->assertOk();
        $this->post(
            "/jobs/{$this->work->id}/brackets/torques",
            ['fastener' => 'head_bolts_nm', 'wrench' => '205', '_once' => $this->mark],
            $this->waited,
        )->assertOk();
        ($this->wrench)('205', $this->waited)->assertOk();
        $here = TorqueRecord::query()->count();
        $this->person('Ash Fenn', '1 mm');
        $this->actingAs(User::query()->latest('id')->firstOrFail());
        $theirs = ($this->wrench)('205', $this->waited)->assertOk();

        expect($theirs->json('says'))
            ->toBe([])
            ->and(TorqueRecord::query()->count())
            ->toBe($here + 1);
    },
);

it('waits at the gate of a restore before it looks a job up', function (): void {
    $this->get('/');
    $names = array_map(
        static fn (mixed $one): string => is_string($one) ? explode(':', $one)[0] : '',
        app('router')->gatherRouteMiddleware(app('router')->getRoutes()->getByName('tape.store')),
    );
    $at = static fn (string $class): int => (int) array_search($class, $names, true);
    expect($at(App\Http\Middleware\WritingStops::class))
        ->toBeGreaterThan(0)
        ->toBeLessThan($at(Illuminate\Auth\Middleware\Authenticate::class))
        ->toBeLessThan($at(Illuminate\Routing\Middleware\SubstituteBindings::class));
});
