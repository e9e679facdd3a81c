<?php

declare(strict_types=1);

use App\Models\CardLink;
use App\Models\OwnerNote;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OwnersTable;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Date;
use Smalot\PdfParser\Parser;
use Yoke\Job\Planning\LoadedState;
use Yoke\Workshop\Trip\TripTable;

/** Where this run keeps what it works out: nothing of an earlier one is found there. */
const TABLES_KEPT = __DIR__.'/../../storage/framework/testing/owners-tables';

beforeAll(fn () => (new Filesystem())->deleteDirectory(TABLES_KEPT.'-'.getmypid()));
afterAll(fn () => (new Filesystem())->deleteDirectory(TABLES_KEPT.'-'.getmypid()));

/** A rig with a fresh tank ahead of its axles, handed over carried. */
beforeEach(function (): void {
    // The table is the same in every test: worked out once.
    config()->set('cache.default', 'file');
    config()->set('cache.stores.file.path', TABLES_KEPT.'-'.getmypid());
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['trailer']['sheet'] = [
        'coupler_height_mm' => 480,
        'fresh_tank_kg' => 90,
        'fresh_tank_ahead_mm' => 1800,
        'tongue_weight_kg' => 400,
        'tongue_weight_by' => 'tongue_scale',
    ];
    $worked['hitch']['sheet'] = [
        'family' => 'chain-snap-up',
        'ball_height_mm' => 500,
        'bar_rating_low_kg' => 250,
        'bar_rating_high_kg' => 500,
    ];
    $this->work->update(['rig_as_worked' => $worked]);
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 5, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '954 mm', 'rear' => '948 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/card/links");
    $this->link = CardLink::query()->sole();
    auth()->logout();
    $this->table = fn (): TripTable => app(OwnersTable::class)->of(app(JobAnalyses::class)->of($this->work->fresh())) ??
        throw new LogicException('Expected a table.');
});

it('answers today\'s load, with the heights to check, the card, the procedures and a caution', function (): void {
    $this->get($this->link->address())
        ->assertOk()
        ->assertHeader('Cache-Control', 'no-store, private')
        ->assertSeeInOrder(
            [
                'link 5, 3 washers',
                "Today's load",
                'Fresh tank',
                'Gas bottles',
                'For this load',
                'Check two heights',
                '954 mm',
                'Step by step',
                'If it sways',
                'Ease off the throttle',
                'Note to the shop',
            ],
            false,
        )
        ->assertSee('Only the small adjuster is moved')
        ->assertDontSee('Sign out')
        ->assertDontSee('/jobs/', false);
});

it('answers a load on its grid as the planner does, and between as the safer neighbour', function (): void {
    $table = ($this->table)();
    $job = app(JobAnalyses::class)->of($this->work->fresh());
    foreach ([['fresh' => 100], ['person_behind' => 2, 'bikes_on_trailer' => 1]] as $load) {
        $state = new LoadedState(
            $job->described,
            $job->posterior(),
            $table->grid->change($load),
            $job->adjusters,
            $job->reference(),
            $job->current()->setting,
        );
        $move = $state->smallMove($job->goal, $job->shop->rules->stopping);

        expect($table->answer($load)->chance)->toBe($move->forecast->chance);
    }
    $page = $this->get($this->link->address().'&'.http_build_query(['load' => ['fresh' => '75']]))->assertOk();
    $said = (new App\Words\TripWords($job->described, $this->link->user))->headline($table->answer(['fresh' => 75]));

    expect($page->getContent())->toContain($said);
});

it('gives a phone all answers as places of a list, the same that the page says', function (): void {
    $data = $this->get($this->link->addressOf('owner.loads'))->assertOk()->json();
    $table = ($this->table)();
    $at = $table->grid->around(['fresh' => 100, 'person_behind' => 2])[0];
    $page = $this->get(
        $this->link->address().'&'.http_build_query(['load' => ['fresh' => '100', 'person_behind' => '2']]),
    )->getContent();

    expect($data['entries'])
        ->toHaveCount($table->grid->count())
        ->and(array_column($data['axes'], 'key'))
        ->toContain('fresh')
        ->and($page)
        ->toContain(e($data['said'][$data['entries'][$at][0]]['headline']))
        ->and(array_column($data['entries'], 1))
        ->toEqualCanonicalizing(range(0, $table->grid->count() - 1))
        ->and($data['version'])
        ->toBe($this->get($this->link->addressOf('owner.loads'))->json('version'));
});

it('tells by another version when the shop changed something, and by 410 when it closed the link', function (): void {
    $before = $this->get($this->link->addressOf('owner.loads'))->json('version');
    $this->actingAs(User::query()->sole());
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 6, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '951 mm', 'rear' => '952 mm'], ['rolled' => '1'])->assertOk();
    auth()->logout();
    expect($this->get($this->link->addressOf('owner.loads'))->json('version'))->not->toBe($before);

    $this->link->update(['revoked_at' => Date::now()]);
    $this->get($this->link->addressOf('owner.loads'))
        ->assertStatus(410)
        ->assertJsonStructure(['closed']);
    $this->get($this->link->address())->assertStatus(410);
    $this->post($this->link->addressOf('owner.note'), ['note' => 'Hello'])->assertStatus(410);
    expect(OwnerNote::query()->count())->toBe(0);
});

it('says what was worked out where a load is outside, and does not answer it', function (array $load): void {
    $this->get($this->link->address().'&'.http_build_query(['load' => $load]))
        ->assertOk()
        ->assertSee('The shop worked out loads from')
        ->assertDontSee('data-headline', false);
})->with([
    'tank over full' => [['fresh' => '140']],
    'below empty' => [['fresh' => '-5']],
    'a crowd' => [['person_behind' => '9']],
    'no number' => [['gas_bottles' => 'two']],
]);

it('checks two heights against the card for that load', function (string $front, string $rear, string $says): void {
    $this->get($this->link->address().'&'.http_build_query(['front' => $front, 'rear' => $rear]))
        ->assertOk()
        ->assertSee($says);
})->with([
    'as on the card' => ['0', '0', 'Both heights fit this load.'],
    'front high, rear low' => ['12', '-12', 'too little is restored'],
    'front low' => ['-12', '3', 'Do not tow with the front lower than the card says'],
    'rear low' => ['2', '-20', 'there is more weight on it than chosen'],
    'rear high' => ['0', '20', 'there is less weight on it'],
    'both high' => ['20', '20', 'Check tyres and ground'],
]);

it('takes a note without a session, once, and shows it to the shop until it is seen', function (): void {
    $sent = ['note' => 'We took the <b>awning</b> along.', '_once' => '0a1b2c3d-0000-4000-8000-0123456789ab'];
    $this->post($this->link->addressOf('owner.note'), $sent)->assertRedirect($this->link->address());
    $this->post($this->link->addressOf('owner.note'), $sent);
    expect(OwnerNote::query()->count())->toBe(1);

    $this->actingAs(User::query()->sole());
    $this->get('/')->assertSee('We took the &lt;b&gt;awning&lt;/b&gt; along.', false);
    $this->post('/owner-notes/1/seen')->assertRedirect('/');
    $this->get('/')->assertDontSee('awning');
    $this->get("/jobs/{$this->work->id}/card")->assertSee('awning');
});

it('answers two phones behind one link each for its own load, and takes the notes of both', function (): void {
    $at = fn (array $load): string => (string) $this->get(
        $this->link->address().'&'.http_build_query(['load' => $load]),
    )
        ->assertOk()
        ->getContent();
    $headline = fn (string $page): string => preg_match('~data-headline[^>]*>([^<]+)<~', $page, $found) === 1
        ? $found[1]
        : '';
    [$one, $other] = [$at(['fresh' => '100', 'person_behind' => '2']), $at(['bikes_on_trailer' => '1'])];
    $again = $at(['fresh' => '100', 'person_behind' => '2']);

    expect($headline($again))->toBe($headline($one))->not->toBe('')->and($headline($other))->not->toBe('');
    foreach (['From the first phone.', 'From the second phone.'] as $note) {
        $this->flushSession();
        $this->post($this->link->addressOf('owner.note'), ['note' => $note])->assertRedirect($this->link->address());
    }
    expect(OwnerNote::query()->orderBy('id')->pluck('note')->all())->toBe([
        'From the first phone.',
        'From the second phone.',
    ]);
});

it('refuses an empty note and a book, in words, and keeps what was typed', function (string $note): void {
    $this->post($this->link->addressOf('owner.note'), ['note' => $note])
        ->assertRedirect($this->link->address())
        ->assertSessionHasErrors(['note']);
    expect(OwnerNote::query()->count())->toBe(0);
})->with(['empty' => [' '], 'too long' => [str_repeat('a', 2001)], 'none' => ['']]);

it('can be kept beside a phone\'s programs, and brings its worker', function (): void {
    $manifest = $this->get($this->link->addressOf('owner.manifest'))
        ->assertOk()
        ->assertHeader('Content-Type', 'application/manifest+json')
        ->json();
    expect($manifest['start_url'])->toBe($this->link->address())->and($manifest['display'])->toBe('standalone');
    $this->get($this->link->address())->assertSee('rel="manifest"', false);
});

it('carries its address as a code on the card and on the PDF, still one page', function (): void {
    $pdf = (string) $this->get($this->link->pdfAddress(App\Models\Paper::Letter))->assertOk()->getContent();
    $this->get($this->link->addressOf('owner.paper'))->assertOk()->assertSee('class="qr"', false);
    $this->actingAs(User::query()->sole());
    $this->get("/jobs/{$this->work->id}/card")->assertSee('class="qr"', false);
    $text = (new Parser())->parseContent($pdf)->getText();

    expect(preg_match_all('~/Type\s*/Page\b~', $pdf))->toBe(1)->and($text)->toContain('This card on the phone');
});

it('says that there is no setting yet on a job that was never hooked up', function (): void {
    $other = $this->job();
    $link = $other
        ->cardLinks()
        ->create([
            'token' => str_repeat('b', 40),
            'user_id' => $this->link->user->id,
            'made_at' => Date::now(),
            'ends_at' => Date::now()->addDay(),
        ]);
    $this->get($link->address())
        ->assertOk()
        ->assertSee('has not recorded a setting yet')
        ->assertDontSee("Today's load", false)
        ->assertSee('Step by step');
    $this->get($link->addressOf('owner.loads'))
        ->assertOk()
        ->assertJsonMissing(['entries']);
});

it('works its table out anew when the shop\'s goal, policy or doubts are others', function (Closure $other): void {
    $name = function (): string {
        $job = app(JobAnalyses::class)->of($this->work->fresh());

        return (new ReflectionMethod(OwnersTable::class, 'name'))->invoke(
            app(OwnersTable::class),
            $job,
            $job->current()->setting,
        );
    };
    $before = $name();
    expect($name())->toBe($before);
    $this->actingAs(User::query()->sole());
    $other($this);
    app()->forgetScopedInstances();
    expect($name())->not->toBe($before);
})->with([
    'range of the job' => [fn ($test) => $test->work->fresh()->update(['band_from' => 0.6])],
    'when to stop' => [
        fn () => app(App\UseCases\Settings\KeptSettings::class)->choose(
            ['policy.goodEnough' => 0.85],
            User::query()->sole(),
        ),
    ],
    'what a tongue scale is good to' => [
        fn () => app(App\UseCases\Settings\KeptSettings::class)->choose(
            ['prior.tensionTapedMm' => 8.0],
            User::query()->sole(),
        ),
    ],
]);
