<?php

declare(strict_types=1);

use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;
use Yoke\Showing\Explainer\Topic;

/** @param  array<string, float>  $at */
function frameOf(Topic $topic, array $at = []): Frame
{
    $explainer = $topic->explainer();

    return $explainer->frame(KnobValues::of($explainer->knobs(), $at));
}

/** @param  array<string, float>  $at */
function figureOf(Topic $topic, string $key, array $at = []): float
{
    foreach (frameOf($topic, $at)->figures as $figure) {
        if ($figure->key === $key) {
            return $figure->value;
        }
    }

    throw new LogicException("It has no figure {$key}.");
}

it('has a figure to say at every place of every knob', function (Topic $topic): void {
    $explainer = $topic->explainer();
    $seen = 0;
    foreach ($explainer->knobs() as $knob) {
        for ($value = $knob->from; $value <= $knob->to + 1e-9; $value += $knob->step) {
            $frame = $explainer->frame(KnobValues::of($explainer->knobs(), [$knob->key => $value]));
            expect(array_filter($frame->figures, static fn (Figure $figure): bool => ! is_finite($figure->value)))
                ->toBe([])
                ->and($frame->figures)
                ->not->toBe([]);
            $seen++;
        }
    }

    expect($seen)->toBeGreaterThan(10);
})->with(Topic::cases());

it('goes to the nearest step of a knob, whatever is asked', function (float $asked, float $at): void {
    $knobs = Topic::Bars->explainer()->knobs();

    expect(KnobValues::of($knobs, ['link' => $asked, 'nothing' => 3.0])->all())->toBe(['link' => $at]);
})->with([[3.3, 3.5], [-9.0, 0.0], [99.0, 7.0], [INF, 7.0]]);

it('fetches ahead what lies next to a place, within the range', function (float $at, array $about): void {
    expect(Topic::Bars->explainer()->knobs()[0]->about($at, 2))->toBe($about);
})->with([[0.0, [0.0, 0.5, 1.0]], [7.0, [7.0, 6.5, 6.0]], [3.0, [3.0, 3.5, 2.5, 4.0, 2.0]]]);

it('takes off the front what a lever over the rear axle takes: dF = TW·a/wb', function (
    float $tongue,
    float $overhang,
): void {
    $at = ['tongue' => $tongue, 'overhang' => $overhang];
    $on = frameOf(Topic::Coupling, $at)->dropped->load;

    expect(figureOf(Topic::Coupling, 'front_load', $at))
        ->toEqualWithDelta((-$on * $overhang) / ExampleRig::WHEELBASE, 1e-6)
        ->and(figureOf(Topic::Coupling, 'rear_load', $at))
        ->toEqualWithDelta($on * (1.0 + $overhang / ExampleRig::WHEELBASE), 1e-6);
})->with([[200.0, 1000.0], [340.0, 1300.0], [500.0, 1700.0]]);

it('bends bars by less than a link for a link more, since the rig straightens', function (): void {
    foreach ([2.0, 3.0, 4.0, 5.0] as $link) {
        expect(figureOf(Topic::Bars, 'bends_more', ['link' => $link]))
            ->toBeGreaterThan(0.0)
            ->toBeLessThan(ExampleRig::LINK);
    }
});

it('shares what the rear loses between front and trailer as (L + a) to wb, whatever the setting', function (): void {
    foreach ([3.0, 4.0, 6.0] as $link) {
        $at = ['link' => $link];
        expect(figureOf(Topic::Shares, 'front_gain', $at) / figureOf(Topic::Shares, 'trailer_gain', $at))
            ->toEqualWithDelta(figureOf(Topic::Shares, 'ratio'), 0.05)
            ->and(
                figureOf(Topic::Shares, 'front_gain', $at) +
                    figureOf(Topic::Shares, 'rear_gain', $at) +
                    figureOf(Topic::Shares, 'trailer_gain', $at),
            )
            ->toEqualWithDelta(0.0, 1e-6);
    }
});

it('says what range it is in, and never that past full return is right', function (float $link, string $note): void {
    expect(frameOf(Topic::Shares, ['link' => $link])->notes)->toBe([$note]);
})->with([[1.0, 'under'], [4.0, 'in_range'], [7.0, 'over']]);

it('levels the trailer by the head and restores the front by the links', function (): void {
    $share = static fn (float $hole, float $link): float => figureOf(Topic::HeadAndTension, 'share', [
        'hole' => $hole,
        'link' => $link,
    ]);
    $pitch = static fn (float $hole, float $link): float => figureOf(Topic::HeadAndTension, 'pitch', [
        'hole' => $hole,
        'link' => $link,
    ]);

    expect(abs($pitch(1.0, 4.0) - $pitch(0.0, 4.0)))
        ->toBeGreaterThan(0.2)
        ->and(abs($share(1.0, 4.0) - $share(0.0, 4.0)))
        ->toBeLessThan(0.1)
        ->and($share(0.0, 5.0) - $share(0.0, 4.0))
        ->toBeGreaterThan(0.2);
});

it(
    'reads a share wrong by the tape’s error over the rise of the front, and trusts more what was rolled and read again',
    function (): void {
        $lost = figureOf(Topic::Tape, 'front_rise');
        expect(figureOf(Topic::Tape, 'truly') - figureOf(Topic::Tape, 'read', ['off' => 3.0]))
            ->toEqualWithDelta(3.0 / $lost, 1e-9)
            ->and(figureOf(Topic::Tape, 'share_doubt', ['rolled' => 1.0]))
            ->toBeLessThan(figureOf(Topic::Tape, 'share_doubt'))
            ->and(figureOf(Topic::Tape, 'share_doubt', ['rolled' => 1.0, 'readings' => 4.0]))
            ->toEqualWithDelta(0.5 * figureOf(Topic::Tape, 'share_doubt', ['rolled' => 1.0]), 1e-9);
    },
);

it('takes restoration back by levelling and by air, and moves no load by air with the bars off', function (): void {
    expect(figureOf(Topic::Levelling, 'lost', ['levelling' => 1.0]))
        ->toBeGreaterThan(0.05)
        ->and(figureOf(Topic::Levelling, 'lost', ['air' => 20.0]))
        ->toBeGreaterThan(0.0)
        ->and(figureOf(Topic::Levelling, 'lost'))
        ->toBe(0.0)
        ->and(figureOf(Topic::Levelling, 'front_lost', ['air' => 40.0]))
        ->toEqualWithDelta(figureOf(Topic::Levelling, 'front_lost'), 1.5);
});

it('adds m·x/L to the tongue for cargo moved forward, and takes it off for water behind the axle', function (): void {
    $level = static fn (array $at): float => figureOf(Topic::Tongue, 'level', $at);

    expect($level(['cargo' => 1000.0]) - $level(['cargo' => 0.0]))
        ->toEqualWithDelta((150.0 * 1000.0) / ExampleRig::BALL_TO_AXLE, 1e-6)
        ->and($level(['water' => 100.0]) - $level(['water' => 0.0]))
        ->toEqualWithDelta((-100.0 * 1200.0) / ExampleRig::BALL_TO_AXLE, 1e-6)
        ->and(figureOf(Topic::Tongue, 'on_ball', ['hitch' => 100.0]))
        ->toBeLessThan(figureOf(Topic::Tongue, 'on_ball', ['hitch' => -100.0]));
});

it('warns of a light tongue, a nose that stands up and a front past full return, and names no speed', function (
    array $at,
    string $note,
): void {
    expect(frameOf(Topic::Sway, $at)->notes)->toContain($note);
    foreach (frameOf(Topic::Sway, $at)->figures as $figure) {
        expect($figure->unit)->toBeIn([Quantity::Share, Quantity::Degrees, Quantity::LoadChange, Quantity::Torque]);
    }
})->with([
    'a light tongue' => [['tongue' => 0.08], 'light_tongue'],
    'a heavy one' => [['tongue' => 0.17], 'heavy_tongue'],
    'a high head' => [['tongue' => 0.12, 'hole' => 3.0], 'nose_up'],
    'bars too tight' => [['tongue' => 0.12, 'link' => 7.0], 'over'],
]);
