<?php

declare(strict_types=1);

use App\Interchange\Job\FileCheck;
use App\Interchange\Job\ImportRefused;
use App\Interchange\Job\JobFile;
use App\Mail\PasswordLink;
use App\Models\CardLink;
use App\Models\Language;
use App\Models\User;
use App\Words\Figures;
use Illuminate\Support\Facades\Mail;
use Yoke\Foundation\Units\LengthUnit;

beforeEach(function (): void {
    $this->wren = $this->person();
    $this->work = $this->job();
    $this->actingAs($this->wren->fresh());
});

it('speaks the language that a person chose, from the next page on, and to nobody else', function (): void {
    $ibby = $this->person('Ibby Marsh', '1 mm');
    $this->get('/account')
        ->assertOk()
        ->assertSee('<html lang="en"', false)
        ->assertSeeInOrder(['Language', 'English', 'Español']);
    $this->post('/preferences', ['language' => 'es', '_from' => '/account'])->assertRedirect('/account');
    $this->actingAs($this->wren->fresh());

    $this->get('/account')
        ->assertOk()
        ->assertSee('<html lang="es"', false)
        ->assertSee('Idioma')
        ->assertPlainCookie('language', 'es');
    expect($this->wren->fresh()->language)
        ->toBe(Language::Spanish)
        ->and($this->wren->fresh()->fineness->unit())
        ->toBe(LengthUnit::Inch);
    $this->actingAs($ibby->fresh())
        ->get('/account')
        ->assertSee('<html lang="en"', false)
        ->assertPlainCookie('language', 'en');
});

it('keeps no page of one language for the other', function (): void {
    $this->get('/jobs/1/plan')->assertOk()->assertSee('<html lang="en"', false);
    $this->post('/preferences', ['language' => 'es']);
    $this->actingAs($this->wren->fresh())->get('/jobs/1/plan')->assertOk()->assertSee('<html lang="es"', false);
    $this->get('/')->assertOk()->assertSee('Patio');
});

it('takes no language that it does not speak, and keeps the one that was', function (): void {
    $this->post('/preferences', ['language' => 'xx'])->assertSessionHasErrors('language');
    expect($this->wren->fresh()->language)->toBe(Language::English);
});

it('speaks to a stranger as the browser asks, or as was read last on the device', function (): void {
    auth()->logout();
    $this->withHeader('Accept-Language', 'es-MX,es;q=0.9,en;q=0.5')
        ->get('/sign-in')
        ->assertSee('<html lang="es"', false);
    $this->withHeader('Accept-Language', 'fr')->get('/sign-in')->assertSee('<html lang="en"', false);
    $this->withHeader('Accept-Language', 'fr')
        ->withUnencryptedCookie('language', 'es')
        ->get('/sign-in')
        ->assertSee('<html lang="es"', false);
    $this->withUnencryptedCookie('language', 'es')
        ->get('/nowhere')
        ->assertNotFound()
        ->assertSee('Página no encontrada');
    $this->withUnencryptedCookie('language', '../xx')->get('/sign-in')->assertOk()->assertSee('<html lang="en"', false);
});

it('writes decimals with the sign of the language, and reads both', function (): void {
    expect(Figures::fixed(12.46))
        ->toBe('12.5')
        ->and(Figures::short(0.5))
        ->toBe('0.5')
        ->and(Figures::written('v1.2.3, 40 mm'))
        ->toBe('v1.2.3, 40 mm');
    app()->setLocale('es');
    expect(Figures::fixed(12.46))
        ->toBe('12,5')
        ->and(Figures::short(0.5))
        ->toBe('0,5')
        ->and(Figures::short(40.0))
        ->toBe('40')
        ->and(Figures::fixed(-0.256, 2))
        ->toBe('-0,26');
    foreach (['97,8 cm', '97.8 cm'] as $typed) {
        expect($this->wren->lengthParser()->parse($typed)->length()->millimetres())->toEqualWithDelta(978.0, 1e-9);
    }
});

it('names days and months in the language', function (): void {
    $this->travelTo('2026-01-15 09:00');
    $this->get('/')->assertSee('Thursday 15 January');
    $this->wren->update(['language' => Language::Spanish]);
    $this->actingAs($this->wren->fresh())->get('/')->assertSee('jueves 15 de enero');
    $this->get('/day/2026-02-03')->assertSee('martes 3 de febrero de 2026');
});

it('sends the link to a new password in the person\'s language', function (): void {
    Mail::fake();
    $this->wren->update(['language' => Language::Spanish]);
    auth()->logout();
    $this->withHeader('Accept-Language', 'en')->post('/forgotten', ['email' => $this->wren->email]);
    Mail::assertSent(PasswordLink::class, fn (PasswordLink $mail): bool => $mail->locale === 'es');
});

it('makes a private link in its maker\'s language and units where nothing else is asked', function (): void {
    $this->post('/jobs/1/card/links', ['link_language' => 'klingon', 'link_units' => '3 ells'])->assertRedirect(
        '/jobs/1/card',
    );
    $this->post('/jobs/1/card/links', ['link_language' => 'es', 'link_units' => '1 mm'])->assertRedirect(
        '/jobs/1/card',
    );
    [$own, $spanish] = CardLink::query()->with('user')->orderBy('id')->get()->all();

    expect($own->language)
        ->toBe(Language::English)
        ->and($own->reader()->fineness->unit())
        ->toBe(LengthUnit::Inch)
        ->and($spanish->language)
        ->toBe(Language::Spanish)
        ->and($spanish->reader()->fineness->unit())
        ->toBe(LengthUnit::Millimetre)
        ->and($spanish->user->fresh()->fineness->unit())
        ->toBe(LengthUnit::Inch);
    $this->get('/jobs/1/card')
        ->assertSee('Español, millimetres and kilograms')
        ->assertSee('English, inches and pounds, to 1/16 in');
});

it('brings a new hand in with the language of whoever asked them', function (): void {
    $this->wren->update(['language' => Language::Spanish]);
    $this->actingAs($this->wren->fresh())
        ->post('/people', ['name' => 'Oda Fenn', 'email' => 'oda@quillfeather.example', 'role' => 'fitter'])
        ->assertSessionHasNoErrors();
    expect(User::query()->where('name', 'Oda Fenn')->sole()->language)->toBe(Language::Spanish);
});

it('gives the words of a family in the language that is spoken when it changes in between', function (): void {
    $family = Yoke\Rig\Family\Families::get('tension-chain');
    $translator = app('translator');
    $translator->speakOf($family);
    $english = $translator->get('station.bars-up.title');
    $translator->setLocale('es');

    expect($translator->get('station.bars-up.title'))
        ->not->toBe($english)
        ->and($translator->get('station.bars-up.title'))
        ->not->toContain('barras');
});

it('gives a calendar in the language of whose jobs are in it', function (): void {
    App\Models\CalendarLink::query()->create([
        'user_id' => $this->wren->id,
        'hash' => hash('sha256', 'secret'),
        'made_at' => now(),
    ]);
    $this->work->update(['person_id' => $this->wren->id, 'bay' => 2, 'starts_minute' => 540]);
    $this->wren->update(['language' => Language::Spanish]);
    auth()->logout();
    $feed = (string) $this->withHeader('Accept-Language', 'en')->get('/calendar/secret.ics')->assertOk()->getContent();

    expect($feed)->toContain('X-WR-CALNAME:Trabajos de Wren Tallow')->toContain('bahía 2')->not->toContain('bay 2');
});

it('says in either language what a job file was expected to have, by the schema\'s keyword', function (
    string $path,
    mixed $value,
    string $english,
    string $spanish,
): void {
    $content = json_decode((new JobFile($this->work))->json(), true);
    $value === null ? Illuminate\Support\Arr::forget($content, $path) : data_set($content, $path, $value);
    foreach (['en' => $english, 'es' => $spanish] as $language => $says) {
        app()->setLocale($language);
        try {
            (new FileCheck())->read((string) json_encode($content));
            $said = 'It was taken.';
        } catch (ImportRefused $refused) {
            $said = $refused->getMessage();
        }
        expect($said)
            ->toContain('/'.explode('.', $path)[0])
            ->toContain($says);
    }
})->with([
    'another type' => [
        'job.title',
        7,
        'Expected string, and this is integer.',
        'Se esperaba string, y esto es integer.',
    ],
    'left out' => ['job.mark', null, 'and they are missing: mark.', 'y faltan: mark.'],
    'too long' => ['job.title', str_repeat('a', 5000), 'Expected a text of at most', 'Se esperaba un texto de'],
    'none of the list' => ['job.method', 'by-eye', 'Expected one of the values', 'Se esperaba uno de los valores'],
]);
