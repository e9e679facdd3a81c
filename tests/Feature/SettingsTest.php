<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Yoke\Job\Shop\ShopSettings;

beforeEach(function (): void {
    $this->actingAs($this->person('Ash Fenn'));
    /** As for the next request: nothing worked out before is held. */
    $this->anew = function (): void {
        app()->forgetScopedInstances();
        foreach (Illuminate\Support\Facades\Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    };
    /** The form as the page sends it, with some of it typed anew. */
    $this->form = function (array $typed): array {
        $form = [];
        foreach (ShopSettings::all() as $key => $setting) {
            $form[str_replace('.', '-', $key)] = is_string($setting->default)
                ? $setting->default
                : App\Words\SettingsWords::number($setting, $setting->default);
        }

        return $typed + $form;
    };
});

it('says of each setting what it does and what is usual', function (): void {
    $page = $this->get('/settings')
        ->assertOk()
        ->assertSee('Usual: 0.9 mm.')
        ->assertSee('Usual: 96 %.')
        ->assertSee('New jobs aim at no less.');
    foreach (array_keys(ShopSettings::all()) as $key) {
        $page
            ->assertSee('name="'.str_replace('.', '-', $key).'"', false)
            ->assertSee(App\Words\SettingsWords::does($key));
    }
    $this->post('/settings', ($this->form)([]))->assertSessionHas('done', 'Nothing changed.');
    expect(DB::table('shop_settings')->count())->toBe(0);
});

it('shows what would change on open jobs, and saves nothing until it is told to', function (): void {
    $this->seed(Database\Seeders\DemoSeeder::class);
    $this->actingAs(User::query()->where('role', Role::Owner)->latest('id')->first());
    $sloppy = ($this->form)(['doubt-tapeMm' => '4.5', 'doubt-coilRolledMm' => '2,5']);
    $before = $this->get('/jobs/3/bars-up')->getContent();
    $this->post('/settings/preview', $sloppy)
        ->assertOk()
        ->assertSee('What would change')
        ->assertSee('Bell tower')
        ->assertSee('138 % ± 8')
        ->assertSee('value="4.5"', false)
        ->assertSee('Save settings');
    expect(DB::table('shop_settings')->count())
        ->toBe(0)
        ->and(preg_replace('/name="_token"[^>]*>|content="[^"]{40}"/', '', $this->get('/jobs/3/bars-up')->getContent()))
        ->toBe(preg_replace('/name="_token"[^>]*>|content="[^"]{40}"/', '', $before));
    $this->post('/settings/preview', ($this->form)([]))->assertOk()->assertSee('Nothing on the');

    $this->post('/settings', $sloppy)->assertRedirect('/settings')->assertSessionHas('done');
    ($this->anew)();
    $this->get('/settings')->assertSee('value="4.5"', false)->assertSee('History')->assertSee('4.5 mm');
    $this->get('/jobs/3/bars-up')->assertDontSee('138 % ± 8');
    $this->get('/deeds')->assertSee('The tape itself: 0.9 mm to 4.5 mm.');

    $this->post('/settings', ($this->form)([]));
    ($this->anew)();
    $this->get('/settings')->assertSee('0.9 mm, as usual again');
    $this->get('/jobs/3/bars-up')->assertSee('138 % ± 8');
    expect(DB::table('shop_settings')->count())
        ->toBe(4)
        ->and(fn () => DB::table('shop_settings')->delete())
        ->toThrow(Illuminate\Database\QueryException::class, 'append-only');
});

it('refuses what cannot be, in words beside its field, and keeps what was typed', function (
    array $typed,
    string $field,
    string $says,
): void {
    foreach (['/settings', '/settings/preview'] as $to) {
        $this->post($to, ($this->form)($typed))->assertRedirect('/settings')->assertSessionHasErrors($field);
        $this->get('/settings')
            ->assertSee($says)
            ->assertSee('value="'.$typed[$field].'"', false);
    }
    expect(DB::table('shop_settings')->count())->toBe(0);
})->with([
    'a word' => [['doubt-tapeMm' => 'exact'], 'doubt-tapeMm', 'Expected a number between 0.18 and 4.5 mm.'],
    'a chance over all' => [['policy-sure' => '120'], 'policy-sure', 'Expected a number between 50 and 99.9 %.'],
    'half a reading' => [['policy-readings' => '2.5'], 'policy-readings', 'Expected a number between 1 and 10 times.'],
    'a range upside down' => [['range-to' => '40'], 'range-to', 'Expected more than'],
    'good enough is surer than sure' => [
        ['policy-goodEnough' => '98'],
        'policy-goodEnough',
        'Expected no more than stop at once from this chance.',
    ],
]);

it(
    'gives new jobs the range, new people the units and new hitches the counting, and leaves those that are here',
    function (): void {
        $old = $this->job();
        $this->post(
            '/settings',
            ($this->form)([
                'range-from' => '60',
                'range-to' => '90',
                'units-fineness' => '1 mm',
                'counting-counting' => 'working',
            ]),
        )->assertSessionHasNoErrors();
        ($this->anew)();
        $this->post('/jobs', ['title' => 'A new one', 'family' => 'chain-snap-up'])->assertSessionHasNoErrors();
        $this->post('/garage/hitch/new', [
            'name' => 'Spare',
            'bar_arm_mm' => '720 mm',
            'family' => 'chain-snap-up',
        ])->assertSessionHasNoErrors();
        $this->post('/garage/hitch/new', [
            'name' => 'Otherwise',
            'bar_arm_mm' => '720 mm',
            'family' => 'chain-snap-up',
            'counting' => 'taken up',
        ])->assertSessionHasNoErrors();
        $this->post('/people', ['name' => 'Perrin Oake', 'email' => 'perrin@quillfeather.example', 'role' => 'fitter']);
        $job = Job::query()->where('title', 'A new one')->sole();

        expect([$job->band_from, $job->band_to])
            ->toEqual([0.6, 0.9])
            ->and([$old->fresh()->band_from, $old->fresh()->band_to])
            ->toEqual([0.5, 1.0])
            ->and($job->rig->hitch->sheet['counting'])
            ->toBe('working')
            ->and(Hitch::query()->where('name', 'Spare')->sole()->sheet['counting'])
            ->toBe('working')
            ->and(Hitch::query()->where('name', 'Otherwise')->sole()->sheet['counting'])
            ->toBe('taken up')
            ->and($old->rig->hitch->fresh()->sheet)
            ->toBeNull()
            ->and(User::query()->where('name', 'Perrin Oake')->sole()->fineness->value)
            ->toBe('1 mm');
    },
);
