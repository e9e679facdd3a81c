<?php

declare(strict_types=1);

use App\Models\Reading;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->wren = $this->person();
    $this->actingAs($this->wren);
});

it('saves what was typed, to the letter, with who and when', function (): void {
    $job = $this->job();
    $this->freezeSecond();

    $this->tape($job, 'alone', ['front' => ' 37-7/16"', 'rear' => '98.7cm'], ['rolled' => '1'])
        ->assertOk()
        ->assertJsonPath('fields.front.saved', 'saved')
        ->assertJsonPath('fields.rear.saved', 'saved');

    $front = Reading::query()->where('axle', 'front')->sole();
    expect($front->typed)
        ->toBe(' 37-7/16"')
        ->and($front->height_mm)
        ->toEqualWithDelta(950.9125, 1e-9)
        ->and($front->settling->value)
        ->toBe('rolled')
        ->and($front->user->name)
        ->toBe('Wren Tallow')
        ->and($front->taken_at->equalTo(now()))
        ->toBeTrue()
        ->and(Reading::query()->where('axle', 'rear')->sole()->typed_unit->value)
        ->toBe('cm');
});

it('says beside its field what is wrong, keeps the text and saves the other field', function (
    string $typed,
    string $sentence,
): void {
    $job = $this->job();

    $answer = $this->tape($job, 'alone', ['front' => $typed, 'rear' => '38 7/8']);
    expect($answer->json('fields.front.sentence'))
        ->toContain('xpected')
        ->toContain($sentence)
        ->and($answer->json('fields.front.saved'))
        ->toBe(trim($typed) === '' ? 'empty' : 'refused')
        ->and($answer->json('fields.rear.saved'))
        ->toBe('saved')
        ->and(Reading::query()->pluck('axle')->map->value->all())
        ->toBe(['rear']);

    $this->post("/jobs/{$job->id}/alone/tape", ['typed' => ['front' => $typed, 'rear' => '38 7/8']])->assertRedirect(
        "/jobs/{$job->id}/alone",
    );
    $page = $this->get("/jobs/{$job->id}/alone")
        ->assertOk()
        ->assertSee($sentence, false);
    expect($page->getContent())
        ->toContain('value="'.e($typed).'"')
        ->toContain('value="38 7/8"');
})->with([
    'a fraction above one' => ['38 17/16', '17/16 is not'],
    'a zero below the line' => ['38 1/0', 'halves, quarters'],
    'letters' => ['abc', 'does not read as a length'],
    'below zero' => ['-3', 'A height is above zero'],
    'zero' => ['0', 'A height is above zero'],
    'an exponent' => ['3e9', 'does not read as a length'],
    'twelve metres' => ['12 m', 'This one is 12 m'],
    'a script' => ['<script>alert(1)</script>', 'does not read as a length'],
]);

it('asks once for a height that is not typed, and goes on without it: some tape the front alone', function (): void {
    $job = $this->job();
    $answer = $this->tape($job, 'alone', ['front' => '', 'rear' => '38 7/8']);
    expect($answer->json('fields.front.saved'))
        ->toBe('empty')
        ->and($answer->json('fields.front.sentence'))
        ->toContain('Nothing is typed here yet')
        ->toContain('Save again to go on without it.')
        ->and($answer->json('frontOnly'))
        ->toBeFalse();
    $this->post("/jobs/{$job->id}/dropped/tape", ['typed' => ['front' => '', 'rear' => '']])->assertRedirect(
        "/jobs/{$job->id}/dropped",
    );
    $this->post("/jobs/{$job->id}/dropped/tape", ['typed' => ['front' => '38 7/16', 'rear' => '']])->assertRedirect(
        "/jobs/{$job->id}/alone",
    );
});

it('does not ask for the rear on a job that is taped at the front alone', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '']);
    expect($this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => ''])->json('frontOnly'))->toBeTrue();
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    expect($this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => ''])->json('frontOnly'))->toBeFalse();
});

it('goes on to the next thing without JavaScript when all is well', function (): void {
    $job = $this->job();

    $this->post("/jobs/{$job->id}/alone/tape", ['typed' => ['front' => '37 7/16', 'rear' => '38 7/8']])->assertRedirect(
        "/jobs/{$job->id}/head",
    );
    $this->get("/jobs/{$job->id}")->assertRedirect("/jobs/{$job->id}/head");
    expect(Reading::query()->count())->toBe(2);
});

it('supersedes a corrected reading and keeps both in the log', function (): void {
    $job = $this->job();
    $first = $this->tape($job, 'alone', ['front' => '38'])->json('fields.front.basedOn');
    $this->tape($job, 'alone', ['front' => '37 7/16'], ['based_on' => ['front' => $first]])->assertJsonPath(
        'fields.front.saved',
        'saved',
    );

    [$old, $new] = Reading::query()->orderBy('id')->get()->all();
    expect($new->supersedes_id)
        ->toBe($old->id)
        ->and($job->liveReadings()->pluck('typed')->all())
        ->toBe(['37 7/16']);
    $this->get("/jobs/{$job->id}/tape-log")
        ->assertOk()
        ->assertSeeInOrder(['38', 'superseded', '37 7/16', 'stands']);
});

it('writes no line for what did not change', function (): void {
    $job = $this->job();
    $first = $this->tape($job, 'alone', ['front' => '978 mm'])->json('fields.front.basedOn');
    $same = ['based_on' => ['front' => $first]];

    $this->tape($job, 'alone', ['front' => '38 1/2 in'], $same)->assertJsonPath('fields.front.saved', 'unchanged');
    expect(Reading::query()->count())->toBe(1);

    $this->tape($job, 'alone', ['front' => '38 1/2 in'], ['rolled' => '1', ...$same])->assertJsonPath(
        'fields.front.saved',
        'saved',
    );
    expect(Reading::query()->count())->toBe(2);
});

it('takes a reading back when its field is emptied, and keeps the line', function (): void {
    $job = $this->job();
    $first = $this->tape($job, 'alone', ['front' => '37 7/16'])->json('fields.front.basedOn');
    $this->tape($job, 'alone', ['front' => ''], ['based_on' => ['front' => $first]])->assertJsonPath(
        'fields.front.saved',
        'taken back',
    );

    expect(Reading::query()->count())->toBe(2);
    $this->get("/jobs/{$job->id}")->assertRedirect("/jobs/{$job->id}/alone");
    $this->get("/jobs/{$job->id}/tape-log")->assertSee('undone');
});

it('tells the second of two tabs, keeps its text and saves its other field', function (): void {
    $job = $this->job();
    $first = $this->tape($job, 'alone', ['front' => '37'])->json('fields.front.basedOn');
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $this->tape($job, 'alone', ['front' => '941'], ['based_on' => ['front' => $first]])->assertJsonPath(
        'fields.front.saved',
        'saved',
    );

    $this->actingAs($this->wren);
    $late = $this->tape($job, 'alone', ['front' => '37 1/2', 'rear' => '38 7/8'], ['based_on' => ['front' => $first]]);
    expect($late->json('fields.front.saved'))
        ->toBe('overtaken')
        ->and($late->json('fields.front.sentence'))
        ->toContain('Ibby Marsh saved 37 1/16 in here at')
        ->toContain('save again')
        ->and($late->json('fields.rear.saved'))
        ->toBe('saved')
        ->and($job->liveReadings()->where('axle', 'front')->value('typed'))
        ->toBe('941');

    $this->tape(
        $job,
        'alone',
        ['front' => '37 1/2'],
        ['based_on' => ['front' => $late->json('fields.front.basedOn')]],
    )->assertJsonPath('fields.front.saved', 'saved');
    expect(Reading::query()->where('axle', 'front')->orderBy('id')->pluck('typed')->all())->toBe([
        '37',
        '941',
        '37 1/2',
    ]);
});

it('shows a live verdict without saving anything', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8'], ['rolled' => '1']);
    $this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => '36 1/2'], ['rolled' => '1']);

    $answer = $this->postJson("/jobs/{$job->id}/bars-up/preview", [
        'typed' => ['front' => '37 11/16', 'rear' => '37 1/4'],
        'rolled' => '1',
    ])->assertOk();
    expect($answer->json('parts.verdict'))
        ->toMatch('/7\d % ± \d+/')
        ->toContain('In range')
        ->and($answer->json('parts.drawing'))
        ->toContain('is-carried')
        ->and($answer->json('fields.front.sentence'))
        ->toContain('957 mm')
        ->and(Reading::query()->count())
        ->toBe(4);

    $half = $this->postJson("/jobs/{$job->id}/bars-up/preview", [
        'typed' => ['front' => '37 11/', 'rear' => ''],
    ])->assertOk();
    expect($half->json('fields.front.tone'))
        ->toBe('stop')
        ->and($half->json('parts.verdict'))
        ->toContain('No verdict yet');
});

it('questions a reading that went the wrong way, and saves it all the same', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8'], ['rolled' => '1']);
    $this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => '36 1/2'], ['rolled' => '1']);
    $answer = $this->tape($job, 'bars-up', ['front' => '38 7/16', 'rear' => '36 1/2'], ['rolled' => '1']);

    expect($answer->json('fields.front'))
        ->toMatchArray(['tone' => 'caution', 'saved' => 'saved'])
        ->and($answer->json('fields.front.sentence'))
        ->toContain('dropped typed in place of carried');
});

it('takes left and right apart and judges their mean', function (): void {
    $job = $this->job();
    $this->post("/jobs/{$job->id}/alone/sides", ['each_side' => '1'])->assertRedirect();
    $job->refresh();
    $this->tape($job, 'alone', [
        'front_left' => '950 mm',
        'front_right' => '954 mm',
        'rear_left' => '985 mm',
    ])->assertOk();
    $this->get("/jobs/{$job->id}")->assertRedirect("/jobs/{$job->id}/alone");
    $this->tape($job, 'alone', ['rear_right' => '985 mm'])->assertOk();

    $this->get("/jobs/{$job->id}")->assertRedirect("/jobs/{$job->id}/head");
    $this->get("/jobs/{$job->id}/alone")
        ->assertSee('Front fender, left')
        ->assertSee('Front fender alone: 37 1/2 in', false);
    $this->post("/jobs/{$job->id}/alone/sides", ['each_side' => '0']);
    $this->get("/jobs/{$job->id}/alone")
        ->assertDontSee('Front fender, left')
        ->assertSee('Front fender alone: 37 1/2 in', false);
});

it('saves what a form made before the way of taping was changed still sends', function (): void {
    $job = $this->job();
    $job->update(['each_side' => true]);

    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8'])->assertJsonPath(
        'fields.front.saved',
        'saved',
    );
    expect(Reading::query()->count())->toBe(2);
});

it('says when stances are not taped the same way, and when two sides stand far apart', function (): void {
    $job = $this->job();
    $leans = 'tape all three the same way';
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    $this->get("/jobs/{$job->id}/alone")->assertDontSee($leans);
    $job->update(['each_side' => true]);
    $apart = $this->tape($job, 'dropped', [
        'front_left' => '38',
        'front_right' => '39 1/2',
        'rear_left' => '36',
        'rear_right' => '36',
    ]);

    $this->get("/jobs/{$job->id}/dropped")->assertSee($leans);
    expect($apart->json('fields.front_right.sentence'))
        ->toContain('Left and right differ by 1 1/2 in')
        ->and($apart->json('fields.front_right.saved'))
        ->toBe('saved')
        ->and($apart->json('fields.rear_right.tone'))
        ->toBe('plain');
});

it('shows each person the same heights in their own unit', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '38 1/2', 'rear' => '38 7/8']);
    $this->tape($job, 'dropped', ['front' => '39', 'rear' => '37 1/2']);

    $this->get("/jobs/{$job->id}/alone?show=methods")
        ->assertSee('value="38 1/2"', false)
        ->assertSee('to the nearest 1/16 in');
    $this->post('/preferences', ['fineness' => '1 mm'])->assertRedirect();
    $this->get("/jobs/{$job->id}/alone?show=methods")
        ->assertSee('value="978 mm"', false)
        ->assertSee('to the nearest 1 mm');
    $this->post('/preferences', ['fineness' => 'furlongs'])->assertSessionHasErrors('fineness');
});

it('lets no line of the tape log be changed or deleted', function (string $statement): void {
    $this->tape($this->job(), 'alone', ['front' => '38']);

    expect(fn () => DB::statement($statement))
        ->toThrow(QueryException::class, 'append-only')
        ->and(Reading::query()->value('typed'))
        ->toBe('38');
})->with(['UPDATE readings SET height_mm = 1', 'DELETE FROM readings']);

it('knows no tape at a station without a stance, nor a station that does not exist', function (string $station): void {
    $this->tape($this->job(), $station, ['front' => '38'])->assertNotFound();
})->with(['brief', 'carried', 'nowhere']);

it('survives a form that no page of ours sent', function (mixed $typed): void {
    $this->postJson("/jobs/{$this->job()->id}/alone/tape", ['typed' => $typed])->assertOk();
    expect(Reading::query()->count())->toBe(0);
})->with([
    'no fields' => [null],
    'a text' => ['38'],
    'nested' => [['front' => ['38']]],
    'strange fields' => [['middle' => '38']],
    'a book' => [['front' => str_repeat('38 ', 5000)]],
]);

it(
    'leaves what is most worth knowing as it stands while one types, and works it out when something is saved',
    function (): void {
        $job = $this->job();
        $ask = fn (string $what): string => (string) $this->postJson("/jobs/{$job->id}/alone/{$what}", [
            'typed' => ['front' => '950 mm'],
            'rolled' => '1',
        ])
            ->assertOk()
            ->json('parts.verdict');
        $this->get("/jobs/{$job->id}/alone")
            ->assertSee('data-stays="assumed"', false)
            ->assertSee('class="assumptions"', false);

        expect($ask('preview'))
            ->toContain('<div id="assumed" data-stays="assumed"></div>')
            ->not->toContain('class="assumptions"')
            ->and($ask('tape'))
            ->toContain('data-stays="assumed"')
            ->toContain('class="assumptions"');
    },
);

it('keeps a height once that is saved again as it was typed, in whatever unit', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1/16 in'));
    $job = $this->job();
    foreach ([1, 2, 3] as $time) {
        $based = App\Models\Reading::query()->where('job_id', $job->id)->max('id');
        $this->postJson("/jobs/{$job->id}/alone/tape", [
            'round' => 1,
            'typed' => ['front' => '949 mm', 'rear' => ''],
            'based_on' => ['front' => (string) $based, 'rear' => ''],
        ])->assertOk();
    }

    expect(App\Models\Reading::query()->where('job_id', $job->id)->pluck('typed')->all())->toBe(['949 mm']);
});
