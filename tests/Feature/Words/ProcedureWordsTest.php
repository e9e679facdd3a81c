<?php

declare(strict_types=1);

use App\Words\ProcedureWords;
use App\Words\StationWords;
use App\Words\Text;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Procedure\HandSignal;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\OpenAnswer;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\Question;
use Yoke\Workshop\Procedure\RigFacts;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Procedure\Step;
use Yoke\Workshop\Procedure\StepOutcome;

/**
 * @param  array<string, string>  $answers
 * @return list<Step>
 */
function worded(Occasion $occasion, string $family, array $answers = []): array
{
    return (new Procedure(
        $occasion,
        new RigFacts(
            Families::get($family),
            new SpecificationSheet(['levelling' => 'rear']),
            new SpecificationSheet([]),
            $answers,
        ),
    ))->steps();
}

/** The cautions of the steps whose key begins so. */
function cautionsAt(Occasion $occasion, string $family, string $under): string
{
    $steps = array_filter(
        worded($occasion, $family, ['brakes' => 'yes']),
        fn (Step $step): bool => str_starts_with($step->key, $under),
    );

    return implode(' ', array_map(ProcedureWords::caution(...), $steps));
}

$families = array_map(fn (HitchFamily $family): string => $family->key(), Families::all());
$yes = [
    'ground' => 'soft',
    'jack' => 'electric',
    'brakes' => 'yes',
    'friction_bar' => 'yes',
    'bars_off_to_reverse' => 'yes',
    'plate' => 'turned',
    'change' => 'head',
];
$no = [
    'ground' => 'firm',
    'jack' => 'manual',
    'brakes' => 'no',
    'friction_bar' => 'no',
    'bars_off_to_reverse' => 'no',
    'plate' => 'straight',
    'change' => 'small',
];

it('words every step of every family and occasion: an order or a question, with whole sentences beside it', function (
    string $family,
    Occasion $occasion,
) use ($yes, $no): void {
    foreach ([[], $yes, $no] as $answers) {
        foreach (worded($occasion, $family, $answers) as $step) {
            expect(ProcedureWords::does($step))
                ->toMatch($step->asks === null ? '/[.]$/' : '/[?]$/')
                ->and(ProcedureWords::caution($step))
                ->toMatch('/^$|[.]$/')
                ->and(ProcedureWords::why($step))
                ->toMatch('/^$|[.]$/');
        }
    }
})
    ->with($families)
    ->with(Occasion::cases());

it('shows the caution where the hand is', function (string $family): void {
    expect(cautionsAt(Occasion::HookUp, $family, 'breakaway'))
        ->toContain('Never to the safety chains')
        ->and(cautionsAt(Occasion::Unhitch, $family, 'chocks'))
        ->toContain('before uncoupling')
        ->and(cautionsAt(Occasion::HookUp, $family, 'back'))
        ->toContain('Nobody between')
        ->and(cautionsAt(Occasion::HookUp, $family, 'park'))
        ->toContain('brake stays on');
    if (Families::get($family)->hasBars()) {
        expect(
            cautionsAt(Occasion::HookUp, $family, 'on-').cautionsAt(Occasion::Unhitch, $family, 'off-'),
        )->toContain('Fingers clear');
    }
})->with($families);

it('says each caution of the trade where the hand is', function (
    string $family,
    Occasion $occasion,
    array $answers,
    string $does,
    string $caution,
): void {
    $steps = array_filter(worded($occasion, $family, $answers), fn (Step $step): bool => $step->does === $does);

    expect($steps)
        ->toHaveCount(1)
        ->and(
            ProcedureWords::does(current($steps)).
                ' '.
                ProcedureWords::why(current($steps)).
                ' '.
                ProcedureWords::caution(current($steps)),
        )
        ->toContain($caution);
})->with([
    'tug each bar' => ['cam-bar', Occasion::HookUp, [], 'tug', 'Tug each bar'],
    'the cord is not pinched' => [
        'friction-bracket',
        Occasion::HookUp,
        [],
        'couple',
        'cord of the plug must not lie between coupler and ball',
    ],
    'legs, not back' => ['chain-snap-up', Occasion::HookUp, [], 'lift', 'with the legs, not with the back'],
    'a twisted chain' => ['chain-snap-up', Occasion::HookUp, [], 'bars_on.hook', 'twisted chain is a link short'],
    'a twisted chain in a latch' => [
        'chain-rotating-latch',
        Occasion::HookUp,
        [],
        'bars_on.hook',
        'twisted chain is a link short',
    ],
    'opposite sides of the latches' => [
        'chain-rotating-latch',
        Occasion::HookUp,
        [],
        'bars_on.hook',
        'On one side it runs round the front of the latch, on the other round the back',
    ],
    'grease before turning' => [
        'screw-jack-gauge',
        Occasion::Change,
        ['change' => 'small'],
        'tension.grease',
        'Grease before the screw is turned',
    ],
    'blocks, not the jack' => [
        'tension-chain',
        Occasion::Change,
        ['change' => 'small'],
        'change.blocks',
        'Never under a trailer that is held by its jack: blocks carry it',
    ],
    'weight on the ball, and why' => ['cam-bar', Occasion::Unhitch, [], 'latch', 'snap apart when it opens'],
    'weight on the ball under a plate' => [
        'tension-chain',
        Occasion::Unhitch,
        [],
        'bars_off.weight_back',
        'Weight on the ball first, then the latch',
    ],
    'a turned plate' => [
        'tension-chain',
        Occasion::HookUp,
        ['plate' => 'turned'],
        'plate-turned',
        'drive a sharp turn',
    ],
    'short safety chains' => [
        'pad-under-cover',
        Occasion::HookUp,
        [],
        'chains',
        'extend them with parts that are rated',
    ],
    'breakaway separate' => ['pad-under-cover', Occasion::HookUp, [], 'chains', 'breakaway cable is a separate thing'],
    'noise is normal, grease sparing' => [
        'cam-bar',
        Occasion::Change,
        ['change' => 'small'],
        'change.centre',
        'Noise in tight turns is normal',
    ],
]);

it('cautions at every step that closes, opens, tightens or slackens what is under load', function (
    string $family,
): void {
    foreach ([...worded(Occasion::HookUp, $family), ...worded(Occasion::Unhitch, $family)] as $step) {
        $does = ProcedureWords::does($step);
        $isLoaded =
            $step->family !== null &&
            preg_match('/lift tool|hook|latch|tighten|slacken|screw|off (?:its|their)/i', $does) === 1 &&
            preg_match('/^Unhook|out of the head|^Hook both chains/', $does) !== 1;

        expect(ProcedureWords::caution($step) !== '' || ! $isLoaded)->toBeTrue("{$family}: {$does}");
    }
})->with($families);

it('takes the bars out of the head where it put them in', function (string $family): void {
    $says = fn (Occasion $occasion): string => implode(
        ' ',
        array_map(ProcedureWords::does(...), worded($occasion, $family)),
    );

    expect(str_contains($says(Occasion::Unhitch), 'out of the head'))->toBe(
        str_contains($says(Occasion::HookUp), 'bars in the head'),
    );
})->with($families);

it('says which open answers a step on paper hangs on', function (): void {
    expect(ProcedureWords::where(['jack electric' => new OpenAnswer(Question::Jack, 'electric')]))
        ->toBe('How is the tongue jack driven: electric')
        ->and(ProcedureWords::where([]))
        ->toBe('');
});

it('has words for every occasion, question, answer, outcome and signal', function (): void {
    expect(array_unique(array_map(ProcedureWords::title(...), Occasion::cases())))
        ->toHaveCount(count(Occasion::cases()))
        ->and(array_map(ProcedureWords::outcome(...), StepOutcome::cases()))
        ->toHaveCount(2)
        ->and(array_unique(array_map(ProcedureWords::hands(...), HandSignal::cases())))
        ->toHaveCount(5)
        ->and(array_unique(array_map(ProcedureWords::signal(...), HandSignal::cases())))
        ->toHaveCount(count(HandSignal::cases()));
    foreach (Question::cases() as $question) {
        expect(ProcedureWords::asks($question))
            ->toEndWith('?')
            ->and(ProcedureWords::answers($question))
            ->toHaveKeys($question->answers());
    }
});

it('words nothing that no procedure has', function () use ($families, $yes, $no): void {
    $used = [];
    foreach ($families as $family) {
        foreach (Occasion::cases() as $occasion) {
            foreach ([...worded($occasion, $family, $yes), ...worded($occasion, $family, $no)] as $step) {
                $used[$occasion->value][$step->does] = true;
            }
        }
    }
    foreach (Occasion::cases() as $occasion) {
        $worded = array_keys((array) trans("procedure.steps.{$occasion->value}"));
        expect(array_diff($worded, array_keys($used[$occasion->value])))->toBe([], $occasion->value);
    }
});

it('says at every station what to do and what to mind', function (Station $station): void {
    expect(StationWords::steps($station, null))
        ->not->toBeEmpty()
        ->each->toEndWith('.')
        ->and(StationWords::caution($station, null))
        ->not->toBe('')
        ->and(StationWords::title($station))
        ->toMatch('/^[A-Z][a-z]+([ -][a-z]+)*$/');
})->with(Station::cases());

it('cautions about stored energy where the bars go up, and about the breakaway cable at hook-up', function (): void {
    expect(StationWords::caution(Station::BarsUp, null))
        ->toContain('Fingers clear')
        ->and(StationWords::caution(Station::HookUp, null))
        ->toContain('never to the safety chains')
        ->and(StationWords::caution(Station::Prove, null))
        ->toContain('never above its alone load');
});

it('takes a missing text for a fault, unless not everything has one', function (): void {
    expect(fn () => Text::of('procedure.steps.hook-up.nothing.does'))
        ->toThrow(LogicException::class, 'procedure.steps.hook-up.nothing.does')
        ->and(fn () => Text::each('station.nowhere.steps'))
        ->toThrow(LogicException::class)
        ->and(Text::ifAny('procedure.steps.hook-up.chocks.caution'))
        ->toBe('');
});
