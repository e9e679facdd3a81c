<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\PracticeRun;
use App\Models\Rig;
use App\Models\Role;
use App\UseCases\Practice\PlayedRun;
use Illuminate\Support\Facades\DB;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Done;
use Yoke\Rig\Parts\Stance;

require_once dirname(__DIR__, 2).'/Core/Practice/rigs.php';

/** Begins the exercise of a code for whoever is signed in. */
function begun(Tests\FeatureCase $test, string $code, string $coach = 'hints'): PracticeRun
{
    $test->post('/practice', ['by' => 'code', 'code' => $code, 'coach' => $coach])->assertSessionHasNoErrors();

    return PracticeRun::query()->latest('id')->firstOrFail();
}

/** Sends one act as the page's buttons do. */
function acted(Tests\FeatureCase $test, PracticeRun $run, array $act): Illuminate\Testing\TestResponse
{
    return $test->post("/practice/{$run->id}/acts", ['position' => $run->acts()->count() + 1, ...$act]);
}

/** Sends what a run did, act by act, the tape typed in the learner's unit. */
function sent(Tests\FeatureCase $test, PracticeRun $run, array $acts): void
{
    $printer = new LengthPrinter($run->tape);
    foreach ($acts as $done) {
        $kept = $done->act->toArray();
        $form = match ($kept['kind']) {
            'tape' => [
                'kind' => 'tape',
                'axle' => $kept['axle'],
                'eye' => $kept['eye'],
                'read' => $printer->nearest(Length::ofMillimetres($kept['read_mm'])),
            ],
            'set' => ['kind' => 'set', 'steps' => [$kept['adjuster'] => $kept['step']]],
            default => $kept,
        };
        acted($test, $run, $form)->assertRedirect()->assertSessionHasNoErrors();
    }
}

/** @return list<Done> what it takes to set a run up well, everything that is wrong put right first */
function wellPlayed(PracticeRun $run): array
{
    $played = PlayedRun::of($run->load('acts'));
    $hands = new Hands($played->run, $run->tape);
    $before = count($played->run->done());
    $hands->tape();
    $hands->stand(Stance::Dropped);
    foreach ($played->run->exercise->faults as $fault) {
        if ($fault->remedy() !== null) {
            $hands->putRight($fault->remedy());
        }
    }
    $hands->tape();
    $hands->hookUp((new Solution($played->run->exercise))->best() ?? throw new LogicException('It can be solved.'));
    $hands->tape();
    $hands->driveOff();

    return array_slice($played->run->done(), $before);
}

it('plays an exercise from the first tape to the debrief, and shows the hidden truth there', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    $first = $this->get("/practice/{$run->id}?axle=front")
        ->assertOk()
        ->assertSee('2-00005-3')
        ->assertSee('Take the chocks away')
        ->assertDontSee('Truly restored')
        ->assertDontSee('@');
    expect(substr_count((string) $first->getContent(), 'name="position" value="1"'))
        ->toBe(substr_count((string) $first->getContent(), 'data-practice-form'))
        ->toBeGreaterThan(6);
    sent($this, $run, wellPlayed($run));
    $run->refresh();
    $share = PlayedRun::of($run->load('acts'))->run->share();

    expect($run->finished_at)
        ->not->toBeNull()
        ->and($run->debrief['points'])
        ->toBe(100)
        ->and($run->debrief['learner']['share'])
        ->toEqualWithDelta($share, 1e-12);
    $this->get("/practice/{$run->id}")->assertRedirect("/practice/{$run->id}/debrief");
    $page = $this->get("/practice/{$run->id}/debrief")
        ->assertOk()
        ->assertSee('data-truth>'.round(100 * $share).' %', false)
        ->assertSee('The advice, followed to the letter');
    foreach (PlayedRun::of($run)->run->heights() as $height) {
        $page->assertSee((new LengthPrinter($run->tape))->fine(Length::ofMillimetres($height->stood)));
    }
    $this->get('/practice')
        ->assertOk()
        ->assertSee("/practice/{$run->id}/debrief", false)
        ->assertSee('Something is wrong');
});

it('keeps every simulated reading out of jobs, log, experience and exports', function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $job = $this->job();
    [$file, $log] = [$this->get("/jobs/{$job->id}/job.json")->getContent(), $this->get('/log')->getContent()];
    $before = [];
    $tables = array_values(
        array_diff(
            array_column(
                DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'"),
                'name',
            ),
            ['practice_runs', 'practice_acts', 'sessions', 'cache', 'cache_locks'],
        ),
    );
    foreach ($tables as $table) {
        $before[$table] = DB::table($table)->get()->toJson();
    }
    $run = begun($this, '3-00004-5');
    sent($this, $run, wellPlayed($run));
    $after = [];
    foreach ($tables as $table) {
        $after[$table] = DB::table($table)->get()->toJson();
    }

    expect(count($tables))
        ->toBeGreaterThan(20)
        ->and($after)
        ->toBe($before)
        ->and(Job::query()->count())
        ->toBe(1)
        ->and($run->acts()->count())
        ->toBeGreaterThan(15)
        ->and($this->get("/jobs/{$job->id}/job.json")->getContent())
        ->toBe($file)
        ->and(strip_tags((string) $this->get('/log')->getContent()))
        ->toBe(strip_tags((string) $log));
    foreach (
        glob(
            base_path('app/{Interchange,UseCases/Analysis,UseCases/Jobs,UseCases/Tape,Screens/Log,Screens/Bench}').
                '/*.php',
            GLOB_BRACE,
        ) ?:
        [] as $room
    ) {
        expect((string) file_get_contents($room))->not->toContain('PracticeRun');
    }
});

it('stops who puts the bars on with the pair down, and says why', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    foreach (['couple', 'bars_on'] as $kind) {
        acted($this, $run, ['kind' => $kind])->assertRedirect();
    }
    $this->get("/practice/{$run->id}")->assertRedirect("/practice/{$run->id}/debrief");
    $this->get("/practice/{$run->id}/debrief")
        ->assertOk()
        ->assertSee('Stopped: fingers')
        ->assertSee('Practise the safe order: the jack before the bars.');
    acted($this, $run, ['kind' => 'roll'])->assertSessionHasErrors(['act' => 'This run is over.']);

    expect($run->refresh()->debrief['points'])
        ->toBe(0)
        ->and($run->acts()->count())
        ->toBe(2);
});

it('stops who drives off over-restored', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, exerciseWith(Fault::OverRestored)->code->text());
    acted($this, $run, ['kind' => 'drive_off']);
    $this->get("/practice/{$run->id}/debrief")->assertSee('Stopped: front over-restored');

    expect($run->refresh()->debrief['learner']['share'])
        ->toBeGreaterThan(1.0)
        ->and($run->debrief['learner']['in_range'])
        ->toBeFalse();
});

it('shows what is wrong to who looks, puts it right and sets aside what was taped with it', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, exerciseWith(Fault::SoftTyre)->code->text());
    acted($this, $run, ['kind' => 'tape', 'axle' => 'rear', 'eye' => 'level', 'read' => '35 1/2']);
    acted($this, $run, ['kind' => 'look', 'place' => 'tyres']);
    $this->get("/practice/{$run->id}")->assertSee('A rear tyre is soft');
    acted($this, $run, ['kind' => 'put_right', 'remedy' => 'clear_cab']);
    $this->get("/practice/{$run->id}")->assertSee('Nothing was wrong there.');
    acted($this, $run, ['kind' => 'put_right', 'remedy' => 'pump_tyres']);
    $this->get("/practice/{$run->id}")
        ->assertSee('Put right: soft tyre.')
        ->assertSee('does not count any more');
});

it('refuses in words what cannot be done, keeps what was typed and counts no minute', function (
    array $act,
    string $field,
    string $says,
): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    acted($this, $run, $act)
        ->assertRedirect()
        ->assertSessionHasErrors([$field => $says]);

    expect($run->acts()->count())->toBe(0);
    $this->get("/practice/{$run->id}")
        ->assertOk()
        ->assertSee('<strong>0</strong> min', false);
})->with([
    'rolled on chocks' => [['kind' => 'roll'], 'act', 'Expected wheels that can roll: take the chocks away first.'],
    'no act' => [['kind' => 'dance'], 'act', 'Expected something that can be done at a rig.'],
    'no act at all' => [[], 'act', 'Expected something that can be done at a rig.'],
    'a list for a kind' => [['kind' => ['roll']], 'act', 'Expected something that can be done at a rig.'],
    'a look at nothing' => [
        ['kind' => 'look', 'place' => 'heaven'],
        'act',
        'Expected something that can be done at a rig.',
    ],
    'half a washer too many' => [
        ['kind' => 'set', 'steps' => ['washer' => '99']],
        'act',
        'Expected a step that this hitch has.',
    ],
    'a height of no fender' => [
        ['kind' => 'tape', 'axle' => 'front', 'eye' => 'level', 'read' => '3 1/2'],
        'act',
        'Expected a fender height, such as 33 1/2 in. What you typed stands in the field.',
    ],
]);

it('keeps a height that does not read in its field', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    acted($this, $run, [
        'kind' => 'tape',
        'axle' => 'front',
        'eye' => 'level',
        'taping' => 'front',
        'read' => 'about a yard',
    ])->assertSessionHasErrors('read');

    expect($run->acts()->count())
        ->toBe(0)
        ->and(session()->getOldInput('read'))
        ->toBe('about a yard');
});

it('goes on where it was left, and tells a second window that it went on elsewhere', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    acted($this, $run, ['kind' => 'take_chocks']);
    $this->get('/practice')->assertSee('Go on with 2-00005-3');
    $this->post("/practice/{$run->id}/acts", ['position' => 1, 'kind' => 'roll'])->assertSessionHasErrors([
        'act' => 'This run went on in another window. It stands here as it is now; what you did there was not done again.',
    ]);
    acted($this, $run, ['kind' => 'roll'])->assertSessionHasNoErrors();

    expect($run->acts()->count())->toBe(2);
    $this->get("/practice/{$run->id}")->assertSee('Rolled: the springs have settled.');
});

it('lets nobody change what was done in a run', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    acted($this, $run, ['kind' => 'take_chocks']);

    expect(fn () => DB::table('practice_acts')->delete())
        ->toThrow(Illuminate\Database\QueryException::class)
        ->and(fn () => DB::table('practice_acts')->update(['position' => 9]))
        ->toThrow(Illuminate\Database\QueryException::class);
});

it('says what is no code, and keeps it', function (string $typed, string $says): void {
    $this->actingAs($this->person());
    $this->post('/practice', ['by' => 'code', 'code' => $typed, '_from' => '/practice'])
        ->assertRedirect('/practice')
        ->assertSessionHasErrors(['code' => $says]);

    expect(PracticeRun::query()->count())
        ->toBe(0)
        ->and(session()->getOldInput('code'))
        ->toBe($typed);
})->with([
    'words' => [
        'the blue one',
        'Expected a code such as '.ExerciseCode::of(Level::RealTape, 4721)->text().'. You typed “the blue one”.',
    ],
    'one digit off' => ['2-00005-4', 'One digit of “2-00005-4” is wrong: no exercise has that code.'],
    'a garage rig that nobody played' => [
        ExerciseCode::of(Level::OwnRig, 5)->text(),
        'The exercise '.
        ExerciseCode::of(Level::OwnRig, 5)->text().
        ' belongs to a rig of a garage, and nobody here has played it.',
    ],
]);

it('gives two people with one code the same rig and the same tape', function (): void {
    $seen = [];
    foreach (['Wren Tallow', 'Ibby Marsh'] as $name) {
        $this->actingAs($this->person($name));
        $run = begun($this, '2-00005-3');
        acted($this, $run, ['kind' => 'take_chocks']);
        acted($this, $run, ['kind' => 'roll']);
        preg_match(
            '/<svg class="tape-picture".*?<\/svg>/s',
            (string) $this->get("/practice/{$run->id}?axle=front&eye=level")->getContent(),
            $picture,
        );
        $seen[] = $picture[0] ?? '';
    }

    expect($seen[0])->not->toBe('')->toBe($seen[1]);
});

it('draws the tape so that its graduations stand where the edge is', function (string $fineness, float $step): void {
    $this->actingAs($this->person('Wren Tallow', $fineness));
    $run = begun($this, '1-00012-2');
    acted($this, $run, ['kind' => 'take_chocks']);
    acted($this, $run, ['kind' => 'roll']);
    preg_match_all(
        '/class="graduation" x1="[\d.]+" x2="[\d.]+" y1="(-?[\d.]+)" y2="(-?[\d.]+)"\s+data-number="(\d+)"/',
        (string) $this->get("/practice/{$run->id}?axle=rear&eye=level")->getContent(),
        $found,
        PREG_SET_ORDER,
    );
    $stood = PlayedRun::of($run->load('acts'))->run->tape(Yoke\Rig\Parts\Axle::Rear, Yoke\Proving\Practice\Tape\Eye::Level)->stood;

    expect(count($found))->toBeGreaterThan(2);
    foreach ($found as [, $from, $to, $number]) {
        expect($from)
            ->toBe($to)
            ->and((float) $number * $step - $stood)
            ->toEqualWithDelta(-(float) $from, 0.001);
    }
})->with(['inches' => ['1/16 in', 25.4], 'millimetres' => ['1 mm', 1.0]]);

it('practises on a rig of the garage, and by its code on the same rig again', function (): void {
    $this->actingAs($this->person());
    $this->job();
    $rig = Rig::query()->sole();
    $rig->hitch->update(['sheet' => ['family' => 'chain-snap-up', 'pitch_mm' => 28, 'bar_rating_high_kg' => 450]]);
    $this->post('/practice', ['by' => 'rig', 'rig' => $rig->id])->assertSessionHasNoErrors();
    $run = PracticeRun::query()->sole();
    $this->get("/practice/{$run->id}")
        ->assertOk()
        ->assertSee('Drover with Dome');
    $this->actingAs($this->person('Ibby Marsh'));
    $again = begun($this, $run->code);
    $rig->vehicle->update(['wheelbase_mm' => 3000]);

    expect($again->sheet)
        ->toBe($run->sheet)
        ->and($again->rig_name)
        ->toBe('Drover with Dome')
        ->and($again->user_id)
        ->not->toBe($run->user_id)
        ->and(PlayedRun::exercise($again)->rig->rig->vehicle->wheelbase->millimetres())
        ->toBe(3700.0);
});

it('says why a rig cannot be practised on', function (?array $sheet, string $says): void {
    $this->actingAs($this->person());
    $this->job();
    $rig = Rig::query()->sole();
    $rig->hitch->update(['sheet' => $sheet]);
    $this->post('/practice', ['by' => 'rig', 'rig' => $rig->id, '_from' => '/practice'])
        ->assertRedirect('/practice')
        ->assertSessionHasErrors(['rig' => $says]);
})->with([
    'no family' => [null, 'Expected a rig whose hitch can be set: this one has no bars, or its family is not known.'],
    'a plain ball' => [
        ['family' => 'plain-ball'],
        'Expected a rig whose hitch can be set: this one has no bars, or its family is not known.',
    ],
    'bars far too light' => [
        ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 60],
        'No setting of this hitch brings this rig into range, so there is nothing to practise. Check its specification.',
    ],
]);

it('refuses a level that is none and a rig that is not there', function (array $form, string $field): void {
    $this->actingAs($this->person());
    $this->post('/practice', [...$form, '_from' => '/practice'])
        ->assertRedirect('/practice')
        ->assertSessionHasErrors($field);

    expect(PracticeRun::query()->count())->toBe(0);
})->with([
    'level 9' => [['level' => '9'], 'level'],
    'no level' => [[], 'level'],
    'the own level without a rig' => [['level' => '5'], 'level'],
    'a rig that is not there' => [['by' => 'rig', 'rig' => '99'], 'rig'],
]);

it('takes points for hints and says one; full advice needs no asking', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    acted($this, $run, ['kind' => 'hint']);
    $this->get("/practice/{$run->id}")
        ->assertSee('Take the chocks away, so that it can roll.')
        ->assertSee('Ask for a hint');
    $off = begun($this, '2-00005-3', 'off');
    $this->get("/practice/{$off->id}")
        ->assertDontSee('Ask for a hint')
        ->assertDontSee('Next:');
    $advised = begun($this, '2-00005-3', 'advice');
    $this->get("/practice/{$advised->id}")
        ->assertSee('Next:')
        ->assertDontSee('Ask for a hint');
    sent($this, $run, wellPlayed($run));

    expect($run->refresh()->debrief['points'])->toBe(96);
});

it('shows a run to nobody but its learner, and to an owner once it is over', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1/16 in', Role::Fitter));
    $run = begun($this, '2-00005-3');
    $this->actingAs($owner = $this->person());
    $this->get("/practice/{$run->id}")->assertNotFound();
    acted($this, $run, ['kind' => 'couple'])->assertNotFound();
    $this->actingAs($run->user);
    acted($this, $run, ['kind' => 'couple']);
    acted($this, $run, ['kind' => 'bars_on']);
    $this->actingAs($this->person('Ash Fenn', '1/16 in', Role::Fitter));
    $this->get("/practice/{$run->id}/debrief")->assertNotFound();
    $this->get("/practice/record/{$run->user_id}")->assertNotFound();
    $this->actingAs($owner);
    $this->get("/practice/{$run->id}/debrief")->assertOk();
    $this->get("/practice/record/{$run->user_id}")
        ->assertOk()
        ->assertSee('Ibby Marsh')
        ->assertSee('Safe order');
    $this->get('/practice/team')->assertOk()->assertSee('Ibby Marsh')->assertSee('Safe order');
});

it('asks next for what was missed', function (): void {
    $this->actingAs($this->person());
    $run = begun($this, '2-00005-3');
    sent($this, $run, wellPlayed($run));
    $missed = exerciseWith(Fault::WheelInDip);
    $again = begun($this, $missed->code->text());
    $played = PlayedRun::of($again->load('acts'));
    $hands = new Hands($played->run, $again->tape);
    $hands->hookUp((new Solution($missed))->best() ?? throw new LogicException('It can be solved.'));
    $hands->driveOff();
    sent($this, $again, $played->run->done());
    preg_match(
        '/name="code" value="([\d-]+)"/',
        (string) $this->get('/practice')->assertSee('Missed last time: ')->getContent(),
        $next,
    );

    expect(Yoke\Proving\Practice\Exercise\ExerciseSampler::faultsOf(ExerciseCode::parse($next[1])))->toContain(
        Fault::WheelInDip,
    );
});
