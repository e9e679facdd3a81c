<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\Screens\Bench\AdvicePage;
use App\Screens\Bench\BenchQuery;
use App\Screens\Bench\SettingPanel;
use App\UseCases\Analysis\JobAnalyses;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Workshop\Procedure\Station;

beforeEach(function (): void {
    $this->actingAs($this->viewer = $this->person('Tess Lathe'));
});

/** A job on a hitch of a family, its setting as the page would show it. */
function panelOf(User $viewer, array $tried = []): SettingPanel
{
    $analysed = app(JobAnalyses::class)->of(Job::query()->latest('id')->firstOrFail());

    return new SettingPanel($analysed, new AdvicePage($analysed, $viewer), new BenchQuery(tried: $tried), $viewer);
}

dataset('every family', array_map(static fn (HitchFamily $family): string => $family->key(), Families::distributing()));

it('has a stepper for everything that can be set, its steps in the order of their numbers', function (
    string $family,
): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => $family]);
    $steppers = panelOf($this->viewer)->steppers();

    expect(array_column($steppers, 'key'))->toBe(
        array_map(
            static fn ($adjuster): string => $adjuster->key,
            Families::get($family)->adjusters(new Yoke\Rig\Family\HitchMeasures())->all(),
        ),
    );
    foreach ($steppers as $stepper) {
        $numbers = array_map(static fn (array $option): float => (float) $option[1], $stepper['options']);
        $sorted = $numbers;
        sort($sorted);
        expect($numbers)
            ->toBe($sorted)
            ->and(count(array_unique($numbers)))
            ->toBe(count($numbers))
            ->and($stepper['label'])
            ->not->toBe('')
            ->and([$stepper['less'], $stepper['more']])
            ->toBe($stepper['key'] === 'head' ? ['lower', 'higher'] : ['looser', 'tighter']);
    }
    $page = $this->get('/jobs/1/bars-up')->assertOk()->assertSee('Record setting');
    foreach ($steppers as $stepper) {
        $page
            ->assertSee("{$stepper['label']}: one less, {$stepper['less']}")
            ->assertSee("{$stepper['label']}: one more, {$stepper['more']}");
    }
})->with('every family');

it('says tighter where the number falls, on a hitch whose working links are counted', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up', 'counting' => 'working']);
    $link = panelOf($this->viewer)->steppers()[0];
    expect([$link['less'], $link['more']])->toBe(['tighter', 'looser']);
});

it('shows what is planned, then what is on, and says of a tried setting what it would do', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up', 'bar_rating_high_kg' => '550 kg']);
    expect(panelOf($this->viewer)->caption())
        ->toStartWith('Planned: link ')
        ->and(panelOf($this->viewer)->says())
        ->toBe('');
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => '4', 'washer' => '3', 'head' => '2']]);
    expect(panelOf($this->viewer)->caption())->toBe('On now: link 4, 3 washers, head hole 3');

    $tried = panelOf($this->viewer, ['link' => 5.0, 'washer' => 3.0, 'head' => 2.0]);
    expect($tried->caption())
        ->toBe('Trying: link 5, 3 washers, head hole 3')
        ->and($tried->says())
        ->toContain('% ± ')
        ->toContain('restored.')
        ->toContain('likely to be in range.')
        ->toContain('From alone: front axle ')
        ->not->toContain('Expect front');
    $this->tape(Job::query()->sole(), 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    expect(panelOf($this->viewer, ['link' => 5.0, 'washer' => 3.0, 'head' => 2.0])->says())->toContain('Expect front ');
});

it('tries nothing where the setting is on already, or is none of this hitch', function (array $steps): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up']);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => '4', 'washer' => '3', 'head' => '2']]);
    expect(panelOf($this->viewer, $steps)->tried())->toBeNull()->and(panelOf($this->viewer, $steps)->says())->toBe('');
})->with([
    'on already' => [['link' => 4.0, 'washer' => 3.0, 'head' => 2.0]],
    'past the chain' => [['link' => 40.0, 'washer' => 3.0, 'head' => 2.0]],
    'a quarter of a link' => [['link' => 4.25, 'washer' => 3.0, 'head' => 2.0]],
    'a washer missing' => [['link' => 4.0, 'head' => 2.0]],
    'another hitch' => [['hole' => 2.0]],
]);

it('says of a tried setting that is never advised why', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up', 'bar_rating_high_kg' => '550 kg']);
    expect(panelOf($this->viewer, ['link' => 8.0, 'washer' => 6.0, 'head' => 2.0])->says())->toContain(
        'Never advised: ',
    );
});

it('sends the tried setting with the live answer, and writes nothing', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up']);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => '4', 'washer' => '3', 'head' => '2']]);
    $answer = $this->postJson('/jobs/1/bars-up/preview', [
        'typed' => ['front' => '', 'rear' => ''],
        'try' => ['link' => '6', 'washer' => '3', 'head' => '2'],
    ])->assertOk();

    expect($answer->json('parts.tried'))
        ->toContain('Trying: link 6')
        ->toContain('data-record-first')
        ->toContain('Record this hook-up')
        ->and($answer->json('parts.drawing'))
        ->toContain('Trying: link 6')
        ->and(Job::query()->sole()->settingOf(1))
        ->toEqual(['link' => 4.0, 'washer' => 3.0, 'head' => 2.0])
        ->and(
            $this->postJson('/jobs/1/bars-up/preview', ['typed' => ['front' => ''], 'try' => 'x'])
                ->assertOk()
                ->json('parts.tried'),
        )
        ->not->toContain('Trying');
});

it('draws at every station what its steps are about, in words for who cannot see it', function (string $family): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => $family]);
    foreach (Station::cases() as $station) {
        $page = (string) $this->get("/jobs/1/{$station->value}")
            ->assertOk()
            ->getContent();
        expect($page)
            ->toContain('station-picture')
            ->toContain('aria-label="'.e(App\Words\StationWords::picture($station)).'"');
    }
})->with('every family');
