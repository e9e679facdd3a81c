<?php

declare(strict_types=1);

use Yoke\Job\Experience\Evidence;
use Yoke\Job\Experience\Experience;
use Yoke\Job\Experience\JobEvidence;
use Yoke\Job\Experience\Source;
use Yoke\Job\Experience\Subject;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Proving\Playing\AdvisedPlayer;
use Yoke\Proving\Simulation\Contest\ContestRig;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\Shop\Fleet;
use Yoke\Proving\Simulation\Shop\HowTaped;
use Yoke\Proving\Simulation\Shop\LearningShop;
use Yoke\Proving\Simulation\Shop\ShopRig;

/** @return array{list<Evidence>, ShopRig} what so many rigs told, and the next */
function afterRigs(int $many, int $seed = 3): array
{
    $fleet = new Fleet(new SeededSource($seed), new Yoke\Measuring\Estimation\Prior\PriorDoubts());
    $evidence = [];
    $nothing = static fn (): LearnedPriors => LearnedPriors::of([]);
    for ($i = 0; $i < $many; $i++) {
        $rig = $fleet->next($i, HowTaped::NotTaped, $nothing);
        $inHand = new ContestRig($rig->lot, new SeededSource(1000 + $i), ShopRules::usual(), TargetRange::usual());
        (new AdvisedPlayer())->play($inHand);
        $told = $inHand->result()->told;
        $evidence =
            $told === null
                ? $evidence
                : [...$evidence, ...(new JobEvidence($rig->subject, $rig->textbook, $told, new PriorDoubts()))->all()];
    }

    return [$evidence, $fleet->next($many, HowTaped::NotTaped, $nothing)];
}

it(
    'needs fewer hook-ups the longer a shop has worked, claims no more than it lands, and leaves no more over-restored',
    function (): void {
        $shops = array_map(
            static fn (int $seed): array => (new LearningShop($seed, new Yoke\Measuring\Estimation\Prior\PriorDoubts()))->run(
                200,
                50,
                HowTaped::NotTaped,
            ),
            [1, 2],
        );
        $mean = static fn (string $when, string $what): float => array_sum(
            array_map(static fn (array $shop): float => $shop[$when][$what], $shops),
        ) / count($shops);

        expect($mean('first', 'hook_ups') - $mean('last', 'hook_ups'))
            ->toBeGreaterThanOrEqual(0.25)
            ->and($mean('last', 'over_restored'))
            ->toBeLessThanOrEqual($mean('first', 'over_restored') + 0.02)
            ->and($mean('last', 'first_claimed'))
            ->toBeGreaterThan($mean('first', 'first_claimed') + 0.1)
            ->and($mean('last', 'first_claimed') - $mean('last', 'first_landed'))
            ->toBeLessThan(0.03)
            ->and($mean('last', 'in_range'))
            ->toBeGreaterThanOrEqual(0.98);
    },
);

it('tells by a job what its readings told, not what was expected of it', function (): void {
    [, $rig] = afterRigs(0);
    $unread = (new Estimation($rig->textbook, []))->posterior();
    expect((new JobEvidence($rig->subject, $rig->textbook, $unread, new PriorDoubts()))->all())->toBe([]);

    [$evidence] = afterRigs(12);
    foreach ($evidence as $one) {
        expect($one->doubt)->toBeGreaterThan(0.0)->and(is_finite($one->off))->toBeTrue();
    }
    expect(array_filter($evidence, static fn (Evidence $one): bool => $one->source === Source::Tension))->not->toBe([]);
});

it('says nothing of what it has no evidence for, and nothing of a source that is switched off', function (): void {
    [$evidence, $rig] = afterRigs(10);
    $all = (new Experience($evidence, new PriorDoubts()))->for($rig->subject)->rows();
    $off = (new Experience($evidence, new PriorDoubts(), [Source::Tension]))->for($rig->subject)->rows();

    expect($all)
        ->toHaveKey('tension')
        ->and($off)
        ->not->toHaveKey('tension')
        ->and((new Experience([], new PriorDoubts()))->for($rig->subject)->isEmpty())
        ->toBeTrue()
        ->and(
            (new Experience($evidence, new PriorDoubts()))
                ->for(Subject::of('another class', 'another family', 'another body', 'v', 'h', 't'))
                ->rows(),
        )
        ->toHaveKeys(['bar_rate'])
        ->not->toHaveKey('front_rate');
});

it('changes no expected share by more than its doubt for one odd job among twenty', function (): void {
    [$evidence, $rig] = afterRigs(20);
    $share = static function (array $evidence) use ($rig): array {
        $learned = (new Experience($evidence, new PriorDoubts()))->for($rig->subject);
        $tension = $learned->length(
            'tension',
            Yoke\Foundation\Probability\Normal::of($rig->textbook->likely(RigParameter::Tension->value), 25.0),
        );
        $told = $rig->textbook
            ->withTensionFor($tension, $rig->textbook->doubtful(RigParameter::BarRate)->value, 0.75)
            ->predict(static fn ($one, float $at): float => $one->taut($at)->frontRestored());

        return [$told->mean(), $told->deviation()];
    };
    [$before, $doubt] = $share($evidence);
    $at = $rig->subject->in(Source::Tension) ?? throw new LogicException('Expected a hitch.');
    foreach ([$at->item, 'somebody else\'s'] as $hitch) {
        [$after] = $share([...$evidence, new Evidence(Source::Tension, $at->group, $hitch, 140.0, 12.0)]);
        expect(abs($after - $before))->toBeLessThan($doubt);
    }
});

it('tells a tension for the textbook\'s bars: stiffer bars pull as hard with less', function (): void {
    [, $rig] = afterRigs(0);
    $prior = $rig->textbook->withTensionFor(
        Yoke\Foundation\Probability\Normal::of(20.0, 5.0),
        $rig->textbook->doubtful(RigParameter::BarRate)->value,
        0.75,
    );
    $at = array_fill(0, $prior->count(), 0.0);
    $shares = array_map(
        static function (float $bars) use ($prior, $at): float {
            $at[RigParameter::BarRate->value] = $bars;

            return $prior->rigAt($at, 0.0)->taut($prior->tensionAt($at))->frontRestored();
        },
        [-1.0, 0.0, 1.0],
    );
    $alone = $rig->textbook->withTension(Yoke\Foundation\Probability\Normal::of(20.0, 5.0));
    $spread = static fn (RigPrior $one): float => $one
        ->predict(static fn ($rig, float $tension): float => $rig->taut($tension)->frontRestored())
        ->deviation();

    expect($prior->tensionAt($at))
        ->toBe(20.0)
        ->and(max($shares) - min($shares))
        ->toBeLessThan(0.25)
        ->and($spread($prior))
        ->toBeLessThan($spread($alone));
});
