<?php

declare(strict_types=1);

use App\Words\FamilyTranslator;
use App\Words\FamilyWords;
use App\Words\StationWords;
use App\Words\SwayWords;
use App\Words\Text;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\SwayControl;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\SwayCheck;

dataset(
    'families',
    fn (): array => array_column(
        array_map(fn (HitchFamily $family): array => [$family->key(), [$family]], Families::all()),
        1,
        0,
    ),
);

it('has words for every adjuster of a family, and quirks of its own', function (HitchFamily $family): void {
    $words = new FamilyWords($family);
    foreach ($family->adjusters(new HitchMeasures())->all() as $adjuster) {
        expect($words->one($adjuster->key))
            ->toMatch('/^[a-z ]+$/')
            ->and($words->many($adjuster->key))
            ->not->toBe($words->one($adjuster->key));
    }

    expect($words->name())
        ->toMatch('/^[a-z]/')
        ->and($words->sway())
        ->toMatch('/^[a-z]/');
})->with('families');

it('counts in the words of the family', function (string $family, string $adjuster, float $steps, string $words): void {
    expect((new FamilyWords(Families::get($family)))->count($adjuster, $steps))->toBe($words);
})->with([
    ['chain-snap-up', 'link', 1.0, '1 link'],
    ['chain-snap-up', 'link', -2.0, '2 links'],
    ['cam-bar', 'link', 0.5, 'half a link'],
    ['cam-bar', 'link', 1.5, '1 1/2 links'],
    ['pad-under-cover', 'tooth', 2.0, '2 teeth'],
    ['tension-chain', 'thread', 3.0, '3 threads'],
    ['screw-jack-gauge', 'turn', 0.0, '0 turns'],
]);

/** All that is said of a family, and said on a hitch of it at every station, in lower case. */
function saidOf(HitchFamily $family): string
{
    $said = [];
    $texts = (array) trans("family/{$family->key()}");
    array_walk_recursive($texts, function (string $text) use (&$said): void {
        $said[] = $text;
    });
    foreach (Station::cases() as $station) {
        array_push($said, StationWords::caution($station, $family), ...StationWords::steps($station, $family));
    }

    return str_replace(
        ['tension chain, no bars', 'safety chain', 'never to the safety chains', 'separate friction bar'],
        '',
        strtolower(implode("\n", $said)),
    );
}

it('speaks of no part that a family has not, at no station', function (HitchFamily $family): void {
    $foreign = match ($family->key()) {
        'tension-chain' => ['bars', 'washer', 'screw', 'pads', 'lift tool'],
        'screw-jack-gauge' => ['chain', 'link', 'washer', 'pads'],
        'friction-bracket', 'pad-under-cover' => ['chain', 'link', 'screw', 'thread'],
        default => ['screw', 'thread', 'pads'],
    };

    foreach ($foreign as $part) {
        expect(str_contains(saidOf($family), $part))->toBeFalse("{$family->key()} speaks of {$part}");
    }
})->with('families');

it('says for each family where no grease goes: wherever something rubs', function (HitchFamily $family): void {
    $rubs = in_array(
        $family->facts()->control,
        [SwayControl::Bracket, SwayControl::Pads, SwayControl::Cone, SwayControl::Head],
        true,
    );
    $words = new FamilyWords($family);

    expect($words->grease())
        ->toContain('Ball')
        ->and(str_contains(strtolower($words->grease()), 'no grease'))
        ->toBe($rubs)
        ->and($words->wear())
        ->toContain('coupler pin');
})->with('families');

it('has a remedy for every sway check', function (HitchFamily $family): void {
    foreach (SwayCheck::of($family) as $check) {
        expect(SwayWords::check($check))->not->toEndWith('.')->and(SwayWords::remedy($check))->toEndWith('.');
    }
})->with('families');

it('never tells to brake hard or to steer against sway, and promises no speed', function (): void {
    expect(implode(' ', SwayWords::onTheRoad()))
        ->toContain('Ease off the throttle')
        ->toContain('No hard braking')
        ->toContain('Do not steer against it')
        ->not->toMatch('/\d+ ?(km|mph)/');
});

it('says otherwise only what there is to say, and keeps every figure of it', function (HitchFamily $family): void {
    $file = require lang_path("en/family/{$family->key()}.php");
    foreach ($file['instead'] ?? [] as $key => $text) {
        $general = Text::of($key);
        preg_match_all('/:[a-z_]+/', $text, $used);
        preg_match_all('/:[a-z_]+/', $general, $there);

        expect($text)->not->toBe($general)->and(array_diff($used[0], $there[0]))->toBe([], $key);
    }
    expect($file['terms'] ?? [])->toBe(
        $family->key() !== 'tension-chain'
            ? []
            : ['spring bars' => 'chains', 'spring bar' => 'chain', 'bars' => 'chains', 'bar' => 'chain'],
    );
})->with('families');

it(
    'says chains for bars on a hitch without bars, leaves other words and names alone, and speaks generally again after',
    function (): void {
        $words = app('translator');
        expect($words)->toBeInstanceOf(FamilyTranslator::class);
        $words->speakOf(Families::get('tension-chain'));

        expect(Text::of('station.bars-up.title'))
            ->toBe('Chains up')
            ->and(Text::of('gauge.restored', ['share' => 'Two bars of soap', 'turns' => '']))
            ->toContain('Two bars of soap')
            ->and(Text::of('station.sway-control.caution'))
            ->toContain('A separate friction bar')
            ->and((new FamilyWords(Families::get('friction-bracket')))->name())
            ->toBe('bar on friction bracket')
            ->and(implode(' ', Text::each('station.bars-up.steps')))
            ->not->toMatch('/\bbars?\b/')
            ->and(trans_choice('setting.ruled_out', 2, ['count' => 2, 'why' => 'x']))
            ->not->toBe('setting.ruled_out');
        $words->speakOf(null);
        expect(Text::of('station.bars-up.title'))->toBe('Bars up');
    },
);
