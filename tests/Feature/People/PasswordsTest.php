<?php

declare(strict_types=1);

use App\UseCases\People\CommonPasswords;
use App\UseCases\People\NewPassword;

beforeEach(function (): void {
    $this->rule = new NewPassword(new CommonPasswords(resource_path('passwords.bin')));
});

it('takes a phrase, and anything else that is long and nobody\'s first guess', function (string $password): void {
    expect(
        $this->rule->problem($password, $password, ['Wren Tallow', 'Wren', 'Tallow', 'wren@quillfeather.example']),
    )->toBe('');
})->with([
    'tape-in-hand',
    'four links down and level',
    'kettle brass ivy 7',
    'Øresund i måneskin',
    'xK3-vQ9-pL2-mW',
    'wren built the east shed',
]);

it('refuses what is short, common, one\'s own name, or typed differently the second time', function (
    string $password,
    string $problem,
    ?string $again = null,
): void {
    expect(
        $this->rule->problem($password, $again ?? $password, [
            'Wren Tallow',
            'Wren',
            'Tallow',
            'wren@quillfeather.example',
        ]),
    )->toBe($problem);
})->with([
    'one letter' => ['a', 'short'],
    'nothing' => ['', 'short'],
    'eleven characters' => ['abcde fghij', 'short'],
    'a very common one, dressed up' => ['password12345', 'common'],
    'one in figures' => ['P@$$w0rd2026!', 'common'],
    'a row of keys' => ['1qaz2wsx3edc', 'common'],
    'a common one twice' => ['dragondragon', 'common'],
    'one letter, many times' => ['aaaaaaaaaaaaaaa', 'common'],
    'three letters in turn' => ['abababcabcab', 'common'],
    'the figures in order' => ['1234567890123', 'common'],
    'the letters in order' => ['abcdefghijklmn', 'common'],
    'one\'s own name' => ['Wren Tallow 1', 'own-name'],
    'one\'s own address' => ['wren@quillfeather.example', 'own-name'],
    'more than is hashed' => [str_repeat('a1b2c3d4e5', 21), 'long'],
    'another one the second time' => ['four links down', 'differs', 'four links up'],
]);

it('knows the shipped list, sorted and whole', function (): void {
    $hashes = str_split((string) file_get_contents(resource_path('passwords.bin')), 5);
    $sorted = $hashes;
    sort($sorted, SORT_STRING);

    expect(count($hashes))
        ->toBeGreaterThan(40_000)
        ->and($hashes)
        ->toBe($sorted)
        ->and(array_unique($hashes))
        ->toHaveCount(count($hashes));
});

it(
    'ends the access of programs with the old password where that is asked for, and offers it where there is any',
    function (array $asks, bool $isOpen): void {
        $wren = $this->person();
        $this->actingAs($wren);
        $this->get('/account')->assertDontSee('Also end my tokens');
        App\Models\ApiToken::issue($wren, 'The gate', App\Models\ApiRight::cases());
        App\Models\CalendarLink::issue($wren);
        $this->get('/account')->assertSee('Also end my tokens');
        $this->post('/account/password', [
            'password_now' => 'tape-in-hand',
            'password' => 'a bar in each socket',
            'password_again' => 'a bar in each socket',
            ...$asks,
        ])->assertSessionHasNoErrors();

        expect(App\Models\ApiToken::query()->sole()->isOpen())
            ->toBe($isOpen)
            ->and(App\Models\CalendarLink::query()->sole()->revoked_at === null)
            ->toBe($isOpen);
    },
)->with(['asked for' => [['end_programs' => '1'], false], 'not asked for' => [[], true]]);
