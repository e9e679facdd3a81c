<?php

declare(strict_types=1);

use App\Models\ApiRight;
use App\Models\CallOutcome;
use App\Screens\Card\QrCode;
use App\Words\ChoiceWords;
use App\Words\DayWords;
use App\Words\ExperienceWords;
use App\Words\Text;
use App\Words\TripWords;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Choice\BarCandidate;
use Yoke\Job\Choice\BarObjection;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\FamilyCandidate;
use Yoke\Job\Choice\FamilyObjection;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Job\Experience\Source;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;
use Yoke\Workshop\Day\SlotState;
use Yoke\Workshop\Trip\HeightFinding;
use Yoke\Workshop\Trip\TripAxis;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripOutcome;

beforeEach(function (): void {
    $this->wren = $this->person('Wren Tallow', '1/16 in');
});

it('has a text for everything that the core hands out there', function (): void {
    foreach (
        [
            ...Want::cases(),
            ...Source::cases(),
            ...HeightFinding::cases(),
            ...SlotState::cases(),
            ...CallOutcome::cases(),
            ...ApiRight::cases(),
        ] as $one
    ) {
        expect(
            match (true) {
                $one instanceof Want => ChoiceWords::want($one),
                $one instanceof Source => ExperienceWords::source($one),
                $one instanceof HeightFinding => TripWords::heights($one),
                $one instanceof SlotState => DayWords::state($one),
                $one instanceof CallOutcome => Text::of("day.call.{$one->value}"),
                default => (string) __("api.right.{$one->value}"),
            },
        )
            ->toBeString()
            ->not->toBe('');
    }
});

it('says of bars what speaks against them, with the figure, or that nothing does', function (): void {
    $words = new ChoiceWords($this->wren);
    $bars = BarRange::usual()[2];
    $fits = new BarCandidate($bars, 0.0, 0.0, 0.0, 0.1, 0.25);
    $odd = new BarCandidate($bars, 0.4, 0.3, 0.2, 0.6, 0.25);

    expect($words->ofBars($fits))
        ->toBe(['They hold the tongue weight all year.'])
        ->and($odd->objections)
        ->toBe(BarObjection::cases())
        ->and(implode(' ', $words->ofBars($odd)))
        ->toContain('40 % likely')
        ->toContain('30 % likely')
        ->toContain('20 % likely')
        ->toContain('60 %')
        ->and($words->range($bars))
        ->toBe('400 lb to 800 lb')
        ->and($odd->chance)
        ->toEqualWithDelta(0.3 * 0.8, 1e-9);
});

it('names a hitch by its family and rating, and one without bars by its family', function (): void {
    $words = new ChoiceWords($this->wren);
    expect($words->offer(HitchOffer::usual(Families::get('cam-bar'), BarRange::usual()[3])))
        ->toBe('Bar on cam, 1000 lb bars')
        ->and($words->offer(HitchOffer::usual(Families::get('tension-chain'), BarRange::usual()[3])))
        ->toBe('Tension chain, no bars');
});

it('says how a family does what is asked, what it does well first', function (): void {
    $family = new FamilyCandidate(
        Families::get('cam-bar'),
        ['quiet' => Suits::Poorly, 'sway_control' => Suits::Well, 'fine_steps' => Suits::Partly],
        1.4,
        0.2,
        6,
        [FamilyObjection::CoarseSteps],
    );
    $said = (new ChoiceWords($this->wren))->ofFamily($family);

    expect($said)
        ->toHaveCount(4)
        ->and($said[0])
        ->toContain('back into line')
        ->and($said[1])
        ->toContain('20 % more')
        ->toContain('6 min')
        ->and($said[2])
        ->toContain('Noisy in tight turns')
        ->and($said[3])
        ->toContain('easily misses the range');
    foreach (Families::distributing() as $one) {
        foreach (array_filter(Want::cases(), static fn (Want $want): bool => $want !== Want::FineSteps) as $want) {
            expect(Text::of("family/{$one->key()}.suits.{$want->value}"))->toEndWith('.');
        }
    }
});

it('says of a load what to set, what is over and how sure that is', function (
    TripOutcome $outcome,
    string $tone,
    string $says,
): void {
    $words = new TripWords(Described::of([], [], ['family' => 'chain-snap-up']), $this->wren);
    $steps = in_array($outcome, [TripOutcome::Stays, TripOutcome::Moves], true)
        ? ['link' => 5.0, 'washer' => 3.0, 'head' => 2.0]
        : [];
    $entry = new TripEntry(
        $outcome,
        $steps,
        0.0,
        $steps === [] ? null : 0.93,
        $steps === [] ? null : 0.71,
        new TongueShare(0.12),
        0.0,
        0.0,
        [],
    );

    expect($words->headline($entry))->toContain($says)->and(TripWords::tone($entry))->toBe($tone);
    if ($steps !== []) {
        expect(implode(' ', $words->sentences($entry)))
            ->toContain('about 71 %, 93 % likely')
            ->toContain('12.0 %')
            ->toContain('Nothing is over a rating');
    }
    expect(str_contains(implode(' ', $words->sentences($entry)), 'Fingers clear'))->toBe(
        $outcome === TripOutcome::Moves,
    );
})->with([
    'stays' => [TripOutcome::Stays, 'ok', 'Stay at link 5'],
    'moves' => [TripOutcome::Moves, 'move', 'Change to link 5'],
    'beyond' => [TripOutcome::BeyondSmallSteps, 'stop', 'Do not tow'],
    'lifts off' => [TripOutcome::LiftsOff, 'stop', 'lifts off the ball'],
    'no bars' => [TripOutcome::NoBars, 'ok', 'nothing to set'],
]);

it('says a stepper\'s value against the set-up', function (): void {
    $people = TripAxis::ofThing(UsualItem::BehindThem, [-2, 0, 2]);
    expect(array_map(static fn (int $value): string => TripWords::value($people, $value), [-2, 0, 1]))
        ->toBe(['2 fewer', 'as at the set-up', '1 more'])
        ->and(TripWords::axis($people))
        ->toBe('Person behind');
});

it('reads and says times of the day', function (string $typed, ?int $minute): void {
    expect(DayWords::minute($typed))->toBe($minute);
    if ($minute !== null) {
        expect(DayWords::minute(DayWords::clock($minute)))->toBe($minute);
    }
})->with([
    ['13:45', 825],
    [' 9.05 ', 545],
    ['0:00', 0],
    ['23:59', 1439],
    ['24:00', null],
    ['12:60', null],
    ['noon', null],
    ['', null],
    ['1345', null],
]);

it('says what was learned in the person\'s units, and from how many jobs', function (): void {
    $words = new ExperienceWords($this->wren);
    $metric = new ExperienceWords($this->person('Ibby Marsh', '1 mm'));
    $used = $words->used(
        LearnedPriors::of([
            'tension' => ['off' => -12.7, 'deviation' => 12.7, 'jobs' => 9, 'own' => 2],
            'reader.4' => ['off' => 0.1, 'deviation' => 0.0, 'jobs' => 8, 'own' => 8],
        ]),
    );

    expect($words->learned(Source::FrontRate, Normal::of(log(0.9), 0.2)))
        ->toBe('−10 % from usual, ± 20 %')
        ->and($words->learned(Source::Tension, Normal::of(-12.7, 12.7)))
        ->toContain('1/2 in')
        ->and($metric->learned(Source::Tension, Normal::of(-12.7, 12.7)))
        ->toContain('13 mm')
        ->and($used)
        ->toHaveCount(1)
        ->and($used[0])
        ->toContain('from 9 finished jobs (2 with this one)')
        ->and(ExperienceWords::group('cam-bar'))
        ->toBe('bar on cam')
        ->and(ExperienceWords::group('bars'))
        ->toBe('all hitches');
});

it('draws an address as a code that looks the same every time, within its quiet border', function (): void {
    [$one, $again, $other] = [
        QrCode::of('https://yoke.example/card/a'),
        QrCode::of('https://yoke.example/card/a'),
        QrCode::of('https://yoke.example/card/b'),
    ];
    preg_match_all('/M(\d+) (\d+)h(\d+)/', $one->path(), $runs);
    $ends = array_map(static fn (string $x, string $width): int => (int) $x + (int) $width, $runs[1], $runs[3]);

    expect($one->path())
        ->toBe($again->path())
        ->not->toBe($other->path())
        ->and(min($runs[1]))
        ->toBe('4')
        ->and(max($ends))
        ->toBe($one->size() - 4)
        ->and(count($runs[1]))
        ->toBeGreaterThan(80);
});
