<?php

declare(strict_types=1);

use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Procedure\Exception\StepOutOfTurn;
use Yoke\Workshop\Procedure\HandSignal;
use Yoke\Workshop\Procedure\Need;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\OpenAnswer;
use Yoke\Workshop\Procedure\PaperStep;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\ProcedureProgress;
use Yoke\Workshop\Procedure\Question;
use Yoke\Workshop\Procedure\RigFacts;
use Yoke\Workshop\Procedure\Step;
use Yoke\Workshop\Procedure\StepOutcome;

/** @return non-empty-list<Step> */
function stepsOf(
    Occasion $occasion,
    string $family,
    array $answers = [],
    array $trailer = [],
    array $vehicle = [],
): array {
    return (new Procedure(
        $occasion,
        new RigFacts(
            Families::get($family),
            new SpecificationSheet($vehicle),
            new SpecificationSheet($trailer),
            $answers,
        ),
    ))->steps();
}

/** @param  list<Step>  $steps */
function keysOf(array $steps): array
{
    return array_column($steps, 'key');
}

$families = array_map(fn (HitchFamily $family): string => $family->key(), Families::distributing());
$answered = [
    'ground' => 'soft',
    'jack' => 'electric',
    'brakes' => 'yes',
    'friction_bar' => 'yes',
    'bars_off_to_reverse' => 'yes',
    'plate' => 'turned',
    'change' => 'head',
];

it('has steps for every family and occasion, none twice, and leaves no question out, a plain ball\'s too', function (
    string $family,
    Occasion $occasion,
) use ($answered): void {
    foreach (
        [
            [],
            $answered,
            [
                'ground' => 'firm',
                'jack' => 'manual',
                'brakes' => 'no',
                'friction_bar' => 'no',
                'bars_off_to_reverse' => 'no',
                'plate' => 'straight',
                'change' => 'small',
            ],
        ] as $answers
    ) {
        $steps = stepsOf($occasion, $family, $answers);
        expect(count($steps))->toBeGreaterThan(3)->and(array_unique(keysOf($steps)))->toBe(keysOf($steps));
        foreach ($steps as $step) {
            expect($step->asks === null || $step->need === Need::Must)->toBeTrue();
        }
    }
})
    ->with([...$families, 'plain-ball'])
    ->with(Occasion::cases());

it('keeps the order that hands depend on', function (string $family) use ($answered): void {
    $place = fn (array $steps, string $key): int => (int) array_search($key, keysOf($steps), true);
    $up = stepsOf(Occasion::HookUp, $family, $answered);
    $off = stepsOf(Occasion::Unhitch, $family, $answered);

    expect(keysOf($up)[0])
        ->toBe('chocks')
        ->and($place($up, 'couple'))
        ->toBeLessThan($place($up, 'on-0'))
        ->and($place($up, 'prove'))
        ->toBeLessThan($place($up, 'on-0'))
        ->and($place($up, 'park'))
        ->toBeLessThan($place($up, 'prove'))
        ->and($place($up, 'on-0'))
        ->toBeLessThan($place($up, 'jack-up'))
        ->and(in_array('tug', keysOf($up), true))
        ->toBe(Families::get($family)->hasBars())
        ->and($place($up, 'chocks-out'))
        ->toBeLessThan($place($up, 'gain'))
        ->and($place($off, 'chocks'))
        ->toBeLessThan($place($off, 'off-0'))
        ->and($place($off, 'off-0'))
        ->toBeLessThan($place($off, 'latch'))
        ->and($place($off, 'latch'))
        ->toBeLessThan($place($off, 'chains'))
        ->and($place($off, 'chains'))
        ->toBeLessThan($place($off, 'away'));
    if (Families::get($family)->hasBars()) {
        $back = stepsOf(Occasion::Reversing, $family, $answered);
        $isJacked = in_array('lift', keysOf($up), true);
        $keys = [
            'chock-first',
            'lift',
            'off-0',
            'jack-up',
            'sight',
            'chock-again',
            'lift-again',
            'on-0',
            'jack-up-again',
            'tug-again',
        ];
        $places = array_map(
            fn (string $key): int => $place($back, $key),
            array_filter($keys, fn (string $key): bool => $isJacked || ! str_starts_with($key, 'lift')),
        );
        $places = array_values($places);
        $sorted = $places;
        sort($sorted);
        expect($places)->toBe($sorted)->and(array_unique($places))->toBe($places);
        expect($isJacked)->toBe($family !== 'screw-jack-gauge');
        if ($isJacked) {
            expect($place($up, 'lift'))
                ->toBeLessThan($place($up, 'on-0'))
                ->and($place($off, 'lift'))
                ->toBeLessThan($place($off, 'off-0'));
        }
    }
})->with($families);

/** @param  list<Step>  $steps */
function doesOf(array $steps): array
{
    return array_column($steps, 'does');
}

it('greases the screw, takes the jack away, then turns; and turns it back before the bars come off', function (): void {
    $in = fn (array $does, array $wanted): array => array_values(array_intersect($does, $wanted));

    expect(
        $in(doesOf(stepsOf(Occasion::HookUp, 'screw-jack-gauge')), [
            'bars_on.swing_on',
            'jack-up',
            'tension.grease',
            'tension.turn_up',
            'tug',
        ]),
    )
        ->toBe(['bars_on.swing_on', 'jack-up', 'tension.grease', 'tension.turn_up', 'tug'])
        ->and(
            $in(doesOf(stepsOf(Occasion::Change, 'screw-jack-gauge', ['change' => 'small'])), [
                'jack-away',
                'tension.grease',
                'change.turn',
                'lift',
                'bars_off.swing_off',
                'uncouple',
            ]),
        )
        ->toBe(['jack-away', 'tension.grease', 'change.turn'])
        ->and(
            $in(doesOf(stepsOf(Occasion::Unhitch, 'screw-jack-gauge')), [
                'lift',
                'slacken.turn_back',
                'bars_off.swing_off',
                'latch',
            ]),
        )
        ->toBe(['slacken.turn_back', 'bars_off.swing_off', 'latch']);
});

it(
    'unhooks a tension chain by its pin, and puts the weight back on the ball before the latch is opened',
    function (): void {
        $does = doesOf(stepsOf(Occasion::Unhitch, 'tension-chain'));

        expect(array_slice($does, (int) array_search('bars_off.raise', $does, true), 3))
            ->toBe(['bars_off.raise', 'bars_off.pull_pin', 'bars_off.weight_back'])
            ->and(array_search('latch', $does, true))
            ->toBeGreaterThan(array_search('bars_off.weight_back', $does, true));
    },
);

it('hooks a tension chain up without touching its nuts, and turns them only on blocks', function (): void {
    $up = doesOf(stepsOf(Occasion::HookUp, 'tension-chain', ['plate' => 'straight']));
    $change = doesOf(stepsOf(Occasion::Change, 'tension-chain', ['change' => 'small']));
    $at = fn (string $does): int => (int) array_search($does, $change, true);

    expect(array_values(array_filter($up, fn (string $does): bool => str_starts_with($does, 'bars_on.'))))
        ->toBe(['bars_on.raise', 'bars_on.stretch', 'bars_on.plate_on', 'bars_on.lower'])
        ->and($up)
        ->not->toContain('change.turn_nuts')
        ->and($up)
        ->toContain('threads')
        ->not->toContain('plate-turned')
        ->and(doesOf(stepsOf(Occasion::HookUp, 'tension-chain', ['plate' => 'turned'])))
        ->toContain('plate-turned')
        ->and($at('chocks'))
        ->toBeLessThan($at('change.raise'))
        ->and($at('change.raise'))
        ->toBeLessThan($at('change.blocks'))
        ->and($at('change.blocks'))
        ->toBeLessThan($at('change.turn_nuts'))
        ->and($at('change.count'))
        ->toBeLessThan($at('change.blocks_out'))
        ->and($at('change.blocks_out'))
        ->toBeLessThan($at('bars_on.lower'));
});

it('uncouples to change the head, and never for the small step', function (string $family): void {
    expect(doesOf(stepsOf(Occasion::Change, $family, ['change' => 'head'])))
        ->toContain('uncouple', 'bolts', 'torque', 'couple', 'measure')
        ->and(
            array_intersect(doesOf(stepsOf(Occasion::Change, $family, ['change' => 'small'])), [
                'uncouple',
                'bolts',
                'torque',
                'couple',
            ]),
        )
        ->toBe([])
        ->and(
            array_values(
                array_filter(
                    doesOf(stepsOf(Occasion::Change, $family, ['change' => 'small'])),
                    fn (string $does): bool => str_starts_with($does, 'change.'),
                ),
            ),
        )
        ->not->toBeEmpty();
})->with($families);

it('asks only what the sheets do not say, and goes on as the answer has it', function (): void {
    $asked = array_values(
        array_filter(array_map(fn (Step $step): ?Question => $step->asks, stepsOf(Occasion::HookUp, 'chain-snap-up'))),
    );
    $told = keysOf(
        stepsOf(
            Occasion::HookUp,
            'chain-snap-up',
            [],
            ['brakes' => 'none', 'jack' => 'electric'],
            ['levelling' => 'rear'],
        ),
    );
    $firm = keysOf(
        stepsOf(Occasion::HookUp, 'friction-bracket', ['ground' => 'firm', 'brakes' => 'yes', 'jack' => 'manual']),
    );
    $reversing = fn (string $answer): array => keysOf(
        stepsOf(Occasion::Reversing, 'chain-snap-up', ['bars_off_to_reverse' => $answer, 'friction_bar' => $answer]),
    );

    expect($asked)
        ->toBe([Question::Ground, Question::Jack, Question::FrictionBar, Question::Brakes])
        ->and($told)
        ->toContain('button', 'no-brakes', 'levelling-off', 'levelling-on')
        ->not->toContain('crank')
        ->not->toContain('breakaway')
        ->not->toContain('gain')
        ->not->toContain('brakes')
        ->not->toContain('jack')
        ->and($firm)
        ->toContain('crank', 'breakaway', 'gain')
        ->not->toContain('pad')
        ->not->toContain('friction-asks')
        ->and($reversing('yes'))
        ->toContain('off-0', 'on-0', 'lift', 'friction', 'friction-on')
        ->and($reversing('no'))
        ->not->toContain('off-0')
        ->not->toContain('lift')
        ->not->toContain('friction')
        ->and(keysOf(stepsOf(Occasion::Unhitch, 'tension-chain')))
        ->toContain('plate')
        ->not->toContain('lift');
});

it('takes steps in order, and leaves out none that must be done', function (): void {
    $steps = stepsOf(Occasion::Departure, 'cam-bar');
    $progress = new ProcedureProgress($steps, ['inside' => StepOutcome::Done, 'gone' => StepOutcome::Done]);

    expect($progress->current()?->key)
        ->toBe('load')
        ->and($progress->taken())
        ->toBe(1)
        ->and($progress->last()?->key)
        ->toBe('inside')
        ->and($progress->check('load', StepOutcome::LeftOut)->key)
        ->toBe('load')
        ->and(fn () => $progress->check('steps', StepOutcome::Done))
        ->toThrow(StepOutOfTurn::class, 'procedure.out_of_turn')
        ->and(fn () => $progress->check('inside', StepOutcome::Done))
        ->toThrow(StepOutOfTurn::class)
        ->and(fn () => (new ProcedureProgress($steps, []))->check('inside', StepOutcome::LeftOut))
        ->toThrow(StepOutOfTurn::class, 'procedure.must_be_done')
        ->and((new ProcedureProgress($steps, array_fill_keys(keysOf($steps), StepOutcome::Done)))->current())
        ->toBeNull();
});

it('goes back no further than the gap that an answer opened', function (): void {
    $steps = stepsOf(Occasion::Departure, 'cam-bar');
    $keys = keysOf($steps);
    $gapped = new ProcedureProgress($steps, [$keys[0] => StepOutcome::Done, $keys[2] => StepOutcome::Done]);

    expect($gapped->last()?->key)
        ->toBe($keys[0])
        ->and($gapped->current()?->key)
        ->toBe($keys[1])
        ->and($gapped->taken())
        ->toBe(2)
        ->and((new ProcedureProgress($steps, [$keys[1] => StepOutcome::Done]))->last())
        ->toBeNull();
});

it('shows no two signals alike', function (): void {
    $hands = array_map(fn (HandSignal $signal): string => (string) json_encode($signal->hands()), HandSignal::cases());

    expect(array_unique($hands))->toHaveCount(count($hands));
});

it('tells on paper all that any answer would bring, with what it hangs on', function (): void {
    $paper = fn (array $answers): array => array_column(
        array_map(
            fn (PaperStep $told): array => [$told->step->key, $told->open],
            (new Procedure(
                Occasion::HookUp,
                new RigFacts(
                    Families::get('cam-bar'),
                    new SpecificationSheet([]),
                    new SpecificationSheet([]),
                    $answers,
                ),
            ))->onPaper(),
        ),
        1,
        0,
    );
    $open = $paper([]);

    expect($open)
        ->toHaveKeys(['crank', 'button', 'breakaway', 'no-brakes', 'pad', 'on-0'])
        ->not->toHaveKey('levelling-off')
        ->not->toHaveKey('friction')
        ->and($open['button'])
        ->toEqual(['jack electric' => new OpenAnswer(Question::Jack, 'electric')])
        ->and($open['chocks'])
        ->toBe([])
        ->and($open['breakaway'])
        ->toEqual(['brakes yes' => new OpenAnswer(Question::Brakes, 'yes')])
        ->and($paper(['jack' => 'manual']))
        ->toHaveKey('crank')
        ->not->toHaveKey('button');
});
