<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\Screens\Job\DiagnosisPage;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\AdviceWords;
use App\Words\SettingWords;
use Database\Seeders\DemoSeeder;
use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Workshop\Procedure\Station;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->viewer = User::query()->firstWhere('email', DemoSeeder::EMAIL));
    $this->page = fn (string $title): DiagnosisPage => new DiagnosisPage(
        app(JobAnalyses::class)->of(
            Job::query()
                ->where('title', 'like', "{$title}%")
                ->firstOrFail(),
        ),
        $this->viewer,
    );
});

it('ranks every finding with figure, evidence, remedy, station and what the moves come to', function (): void {
    $page = ($this->page)('Bell tower');
    $findings = $page->findings();

    expect($findings)
        ->not->toBe([])
        ->and($findings[0]['what'])
        ->toBe('Front axle over-restored')
        ->and($findings[0]['station'])
        ->toBe(Station::BarsUp)
        ->and($findings[0]['figure'])
        ->toMatch('/^1\d\d % ± \d+ restored$/')
        ->and($findings[0]['evidence'])
        ->toMatch('/^Evidence: Tape 1\d\d % ± \d+\.$/')
        ->and($findings[0]['then'])
        ->toMatch('/^After the moves: \d+ % ± \d+ restored\.$/')
        ->and($findings[0]['chance'])
        ->toContain('likely');
    foreach ($findings as $finding) {
        expect($finding['remedy'])
            ->not->toBe('')
            ->and($finding['evidence'])
            ->toStartWith('Evidence: ')
            ->and($finding['at'])
            ->toStartWith('At ');
    }
    $this->get('/jobs/3/diagnosis')
        ->assertOk()
        ->assertSeeInOrder([
            'Front axle load restored',
            'What puts it right',
            'looser',
            'Expect',
            'Front axle over-restored',
            'After the moves',
            'At Bars up',
        ]);
});

it('moves the head before the tension where both are wrong, and says what the pair comes to', function (): void {
    $job = Job::query()->where('title', 'like', 'Bell tower%')->firstOrFail();
    $worked = $job->rig_as_worked;
    $worked['hitch']['sheet']['ball_height_mm'] = 400;
    $job->update(['rig_as_worked' => $worked]);
    $page = ($this->page)('Bell tower');
    $kinds = array_column($page->findings(), 'what');

    expect($kinds)
        ->toContain('Trailer far nose-down')
        ->and($page->moves()[0])
        ->toStartWith('Raise the head')
        ->and($page->expected())
        ->toContain('restored, the trailer')
        ->and($page->bench->advice()->chance())
        ->toContain('likely to be in range');
    $down = $page->findings()[array_search('Trailer far nose-down', $kinds, true)];
    expect($down['figure'])
        ->toMatch('/^\d\.\d° ± \d\.\d nose-down$/')
        ->and($down['evidence'])
        ->toContain('predicted from the fender heights')
        ->and($down['station'])
        ->toBe(Station::Head);
});

it('says how a trailer stands, and calls level what rounds to none', function (float $degrees, string $says): void {
    $rig = Job::query()->firstOrFail()->rigAsWorked()->specified();
    $words = new AdviceWords(new SettingWords($rig), $this->viewer);

    expect($words->findingFigure(FindingKind::NoseUp, Normal::of($degrees, 0.26)))->toBe($says);
})->with([
    'nose-up' => [0.41, '0.4° ± 0.3 nose-up'],
    'nose-down' => [-0.06, '0.1° ± 0.3 nose-down'],
    'a hair below level' => [-0.04, 'level, ± 0.3°'],
    'a hair above level' => [0.04, 'level, ± 0.3°'],
]);

it(
    'finds nothing wrong on a rig that was set right, and nothing to diagnose before the first hook-up',
    function (): void {
        expect(($this->page)('Planetarium')->findings())
            ->toBe([])
            ->and(($this->page)('Puppet')->findings())
            ->toBeNull()
            ->and(($this->page)('Puppet')->moves())
            ->toBe([]);
        $this->get('/jobs/2/diagnosis')
            ->assertOk()
            ->assertSee('Nothing is found wrong.')
            ->assertDontSee('What puts it right');
        $this->get('/jobs/6/diagnosis')->assertOk()->assertSee('Nothing to diagnose yet.')->assertSee('Next: measure the vehicle alone.');
    },
);

it('lists what a look would save on the page, once, with its minutes', function (): void {
    $looks = ($this->page)('Puppet theatre')->looks();
    expect($looks)->not->toBe([]);
    foreach ($looks as $look) {
        expect($look)->toMatch('/: takes \d+ min, saves about \d+ min of hook-ups\./');
    }
    $job = Job::query()->where('title', 'like', 'Puppet theatre%')->firstOrFail();
    $content = (string) $this->get("/jobs/{$job->id}/diagnosis")->assertOk()->getContent();
    expect(substr_count($content, 'data-looks'))->toBe(1)->and($content)->toContain(e($looks[0]));
});
