<?php

declare(strict_types=1);

use App\Models\CallingPreferences;
use App\Models\Reading;
use App\Models\User;
use App\Words\SpokenLength;

beforeEach(function (): void {
    $this->actingAs($this->person = $this->person('Tess Lathe'));
    $this->work = $this->job();
});

it('is opened at the stations that are taped, with both fields and how calls are taken', function (): void {
    $this->get("/jobs/{$this->work->id}/alone")
        ->assertSee('Call readings')
        ->assertDontSee('How calls are taken');
    $this->get("/jobs/{$this->work->id}/alone?call=1")
        ->assertOk()
        ->assertSee('End calling')
        ->assertSee('38 6 means 38 6/16')
        ->assertSee('name="call" value="1"', false)
        ->assertSee('data-back="front"', false);
});

it('keeps how a person takes calls, each for himself', function (): void {
    $this->from('/')
        ->post('/preferences/calling', ['sixteenths' => '1', 'pause' => '2500'])
        ->assertRedirect('/');
    expect($this->person->refresh()->callingPreferences())
        ->toEqual(new CallingPreferences(true, 2500, false))
        ->and($this->person('Ibby Marl')->callingPreferences())
        ->toEqual(new CallingPreferences());
    $this->get("/jobs/{$this->work->id}/alone?call=1")
        ->assertSee('data-pause="2500"', false)
        ->assertDontSee('data-aloud', false);
});

it('refuses a pause that is none of the list', function (mixed $pause): void {
    $this->post('/preferences/calling', ['pause' => $pause])->assertSessionHasErrors('pause');
    expect($this->person->refresh()->calling)->toBeNull();
})->with([
    'none' => [null],
    'a word' => ['long'],
    'a list' => [['1000']],
    'another' => ['1234'],
    'below nothing' => ['-1000'],
]);

it('takes what was kept in an unknown way as usual', function (mixed $kept): void {
    expect(CallingPreferences::of($kept))->toEqual(new CallingPreferences());
})->with([
    'nothing' => [null],
    'text' => [['sixteenths' => 'yes', 'pause' => '9', 'aloud' => 1]],
    'another pause' => [['pause' => 7]],
]);

it(
    'reads whole inches and sixteenths where the person has chosen it, keeps them written out, and shows and says them back',
    function (): void {
        $this->person->update(['calling' => (new CallingPreferences(true))->toArray()]);
        $preview = $this->postJson("/jobs/{$this->work->id}/alone/preview", [
            'call' => '1',
            'typed' => ['front' => '37 7', 'rear' => ''],
        ])->assertOk();
        expect($preview->json('fields.front.back'))
            ->toBe('37 7/16 in')
            ->and($preview->json('fields.front.aloud'))
            ->toBe('Front fender, 37 and 7 sixteenths');

        $this->postJson("/jobs/{$this->work->id}/alone/tape", [
            'call' => '1',
            'typed' => ['front' => '37 7', 'rear' => '38 14'],
        ])->assertOk();
        expect(Reading::query()->orderBy('id')->pluck('typed')->all())->toBe(['37 7/16', '38 14/16']);
        $this->get("/jobs/{$this->work->id}/alone")->assertSee('value="37 7/16"', false);
    },
);

it('does not take them so outside of calling, or where it was not chosen', function (array $form, bool $chosen): void {
    $this->person->update(['calling' => (new CallingPreferences($chosen))->toArray()]);
    $answer = $this->postJson("/jobs/{$this->work->id}/alone/preview", [...$form, 'typed' => ['front' => '37 7']]);
    expect($answer->json('fields.front.tone'))->toBe('stop')->and($answer->json('fields.front.back'))->toBe('');
})->with(['not calling' => [[], true], 'not chosen' => [['call' => '1'], false]]);

it('says a height as a voice reads it', function (string $printed, string $said): void {
    expect(SpokenLength::of($printed))->toBe($said);
})->with([
    ['38 1/2 in', '38 and a half'],
    ['38 3/8 in', '38 and 3 eighths'],
    ['38 1/16 in', '38 and a sixteenth'],
    ['38 15/32 in', '38 and 15 thirty-seconds'],
    ['38 in', '38'],
    ['3/4 in', '3 quarters'],
    ['978 mm', '978 millimetres'],
]);

it('opens an old person who never chose', function (): void {
    expect(User::query()->whereNull('calling')->count())
        ->toBe(1)
        ->and($this->person->callingPreferences()->pause)
        ->toBe(1500);
});
