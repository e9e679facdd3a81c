<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Torque;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\SwayControl;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\Answer;
use Yoke\Workshop\Sway\CamCentring;
use Yoke\Workshop\Sway\CountedThreads;
use Yoke\Workshop\Sway\FrictionMoment;
use Yoke\Workshop\Sway\SwayChange;
use Yoke\Workshop\Sway\SwayChangeKind;
use Yoke\Workshop\Sway\SwayCheck;
use Yoke\Workshop\Sway\SwayRisk;
use Yoke\Workshop\Sway\SwayRiskKind;
use Yoke\Workshop\Sway\SwayRisks;
use Yoke\Workshop\Sway\SwaySetUp;

/** What invites sway on a rig that was read exactly. @return list<SwayRisk> */
function inviting(
    RigPrior $prior,
    float $tension,
    SwayControl $control,
    array $answers = [],
    ?CamCentring $cams = null,
): array {
    $posterior = (new Estimation($prior, (new Readings($prior->likelyRig(), $tension))->threeStances()))->posterior();
    $checks = SwayCheck::of(Families::get('cam-bar'));

    return (new SwayRisks(
        $posterior,
        new CurrentSetting(Setting::of(['link' => 4.0]), 0.0, 0.0),
        TargetRange::usual(),
        $control,
        null,
        new Yoke\Judgement\Method\Tolerances(),
    ))->ranked($checks, $answers ?: array_fill_keys(array_column($checks, 'key'), Answer::Yes), $cams);
}

it('finds nothing on a rig that is set right and looked at', function (): void {
    $prior = Priors::rig(0.02, 20.0, 4.0, ball: -10.0);
    $rig = $prior->likelyRig();

    expect(
        inviting(
            Priors::rig(0.02, $rig->tensionFor(0.75), 4.0, ball: -10.0),
            $rig->tensionFor(0.75),
            SwayControl::Bracket,
        ),
    )->toBe([]);
});

it('ranks what invites sway, and says where it is mended', function (
    Closure $rig,
    SwayRiskKind $kind,
    Station $station,
): void {
    [$prior, $tension, $control, $answers, $cams] = $rig() + [2 => SwayControl::Bracket, 3 => [], 4 => null];
    $first = inviting($prior, $tension, $control, $answers, $cams)[0];

    expect($first->kind)
        ->toBe($kind)
        ->and($first->station)
        ->toBe($station)
        ->and($first->weight)
        ->toBeGreaterThan(0.3)
        ->toBeLessThanOrEqual(1.0);
})->with([
    'a head too high' => [
        fn () => [
            Priors::rig(0.02, Priors::rig(0.02, ball: 120.0)->likelyRig()->tensionFor(0.75), 4.0, ball: 120.0),
            Priors::rig(0.02, ball: 120.0)->likelyRig()->tensionFor(0.75),
        ],
        SwayRiskKind::NoseUp,
        Station::Head,
    ],
    'hardly any tension' => [
        fn () => [
            Priors::rig(0.02, Priors::rig()->likelyRig()->tensionFor(0.2), 4.0, ball: -10.0),
            Priors::rig()->likelyRig()->tensionFor(0.2),
        ],
        SwayRiskKind::FrontLight,
        Station::BarsUp,
    ],
    'cams far off' => [
        fn () => [
            Priors::rig(0.02, Priors::rig(ball: -10.0)->likelyRig()->tensionFor(0.75), 4.0, ball: -10.0),
            Priors::rig(ball: -10.0)->likelyRig()->tensionFor(0.75),
            SwayControl::Cam,
            [],
            new CamCentring(Length::ofMillimetres(700), Length::ofMillimetres(730)),
        ],
        SwayRiskKind::CamsTooFarBack,
        Station::Sway,
    ],
    'soft tyres' => [
        fn () => [
            Priors::rig(0.02, Priors::rig(ball: -10.0)->likelyRig()->tensionFor(0.75), 4.0, ball: -10.0),
            Priors::rig(ball: -10.0)->likelyRig()->tensionFor(0.75),
            SwayControl::Bracket,
            ['tyres' => Answer::No],
        ],
        SwayRiskKind::FoundOtherwise,
        Station::Ground,
    ],
]);

it('weighs a light tongue by its chance', function (): void {
    $light = new RigPrior(
        Priors::rig()->known(),
        [
            ...array_map(
                fn (int $parameter) => new Yoke\Foundation\Probability\LogNormal(Priors::rig()->likely($parameter), 0.02),
                [0, 1],
            ),
            new Yoke\Foundation\Probability\LogNormal(290.0, 0.02),
            ...array_map(
                fn (int $parameter) => new Yoke\Foundation\Probability\LogNormal(Priors::rig()->likely($parameter), 0.02),
                [3, 4, 5],
            ),
        ],
        Yoke\Foundation\Probability\Normal::of(20.0, 4.0),
    );
    $found = array_values(
        array_filter(
            inviting($light, 20.0, SwayControl::Bracket),
            fn (SwayRisk $one): bool => $one->kind === SwayRiskKind::TooLittleOnTheTongue,
        ),
    );

    expect($found[0]->weight)
        ->toBeGreaterThan(0.95)
        ->and($found[0]->figure?->mean())
        ->toEqualWithDelta(0.0912, 0.0006)
        ->and($found[0]->station)
        ->toBe(Station::Brief);
});

it('asks every family for its own checks and the common ones', function (HitchFamily $family): void {
    $checks = SwayCheck::of($family);
    $keys = array_column($checks, 'key');

    expect($keys)
        ->toContain('tyres', 'tail')
        ->and(count($keys))
        ->toBeGreaterThan(3)
        ->and(array_unique($keys))
        ->toBe($keys);
    $unanswered = SwayRisks::ofChecks($checks, []);
    expect($unanswered)
        ->toHaveCount(1)
        ->and($unanswered[0]->checks)
        ->toBe($checks)
        ->and(SwayRisks::ofChecks($checks, array_fill_keys($keys, Answer::No)))
        ->toHaveCount(count($checks));
})->with(
    fn (): array => array_column(
        array_map(fn (HitchFamily $family): array => [$family->key(), [$family]], Families::distributing()),
        1,
        0,
    ),
);

it('grows friction with the bars\' load, and none is left slack', function (): void {
    $rig = Priors::rig()->likelyRig();
    $moments = array_map(
        fn (float $share): float => (new FrictionMoment(0.25))
            ->of($rig->carried($rig->tensionFor($share)))
            ->newtonMetres(),
        [0.0, 0.4, 0.8],
    );
    $carried = $rig->carried($rig->tensionFor(0.8));

    expect($moments[0])
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($moments[2])
        ->toEqualWithDelta(2 * $moments[1], 1e-6)
        ->and($moments[2])
        ->toEqualWithDelta(0.25 * $carried->barLoad()->kilograms() * 0.72 * 9.80665, 1e-6);
});

it('says how far and which way cams move, and how far bars slide in a turn', function (): void {
    $back = new CamCentring(Length::ofMillimetres(700), Length::ofMillimetres(722));

    expect($back->toMove()->millimetres())
        ->toEqualWithDelta(22.0, 1e-9)
        ->and($back->isCentred())
        ->toBeFalse()
        ->and((new CamCentring(Length::ofMillimetres(700), Length::ofMillimetres(696)))->isCentred())
        ->toBeTrue()
        ->and(CamCentring::slide(Length::ofMillimetres(120), Angle::ofDegrees(30))->millimetres())
        ->toEqualWithDelta(60.0, 1e-9);
});

it('wants chains alike left and right', function (int $left, int $right, Answer $answer, int $turn): void {
    $threads = new CountedThreads($left, $right);
    expect($threads->answer())->toBe($answer)->and($threads->toTurn())->toBe($turn);
})->with([[9, 9, Answer::Yes, 0], [9, 11, Answer::No, 2], [12, 11, Answer::No, -1]]);

it('says what is worse than at an earlier set-up, and nothing of what is better or the same', function (): void {
    $before = new SwaySetUp(0.13, Angle::ofDegrees(-0.4), 0.75, Torque::ofNewtonMetres(400));
    $worse = (new SwaySetUp(0.11, Angle::ofDegrees(0.3), 0.5, Torque::ofNewtonMetres(300)))->worseThan($before);

    expect(array_map(fn (SwayChange $one): array => [$one->kind, $one->now, $one->before], $worse))
        ->toEqual([
            [SwayChangeKind::LessOnTheTongue, 0.11, 0.13],
            [SwayChangeKind::NoseHigher, 0.3, -0.4],
            [SwayChangeKind::FrontLighter, 0.5, 0.75],
            [SwayChangeKind::LessFriction, 300.0, 400.0],
        ])
        ->and((new SwaySetUp(0.14, Angle::ofDegrees(-0.5), 0.78, Torque::ofNewtonMetres(410)))->worseThan($before))
        ->toBe([])
        ->and((new SwaySetUp(0.128, Angle::ofDegrees(-0.35), 0.72, null))->worseThan($before))
        ->toBe([]);
});

it('calls a cam centred within 5 mm of the bar\'s crown, and no further off', function (): void {
    $at = fn (float $cam): bool => (new Yoke\Workshop\Sway\CamCentring(
        Yoke\Foundation\Units\Length::ofMillimetres(500),
        Yoke\Foundation\Units\Length::ofMillimetres($cam),
    ))->isCentred();
    expect([$at(495.1), $at(504.9), $at(494.0), $at(506.0), $at(540.0)])->toBe([true, true, false, false, false]);
});

it('counts cams as lost altogether 50 mm off, and half of that as half', function (float $cam, float $weight): void {
    $prior = Priors::rig(0.02, 20.0, 4.0, ball: -10.0);
    $tension = $prior->likelyRig()->tensionFor(0.75);
    $risks = inviting(
        Priors::rig(0.02, $tension, 4.0, ball: -10.0),
        $tension,
        SwayControl::Cam,
        [],
        new CamCentring(Length::ofMillimetres(700), Length::ofMillimetres($cam)),
    );

    expect($risks)
        ->toHaveCount(1)
        ->and($risks[0]->weight)
        ->toEqualWithDelta($weight, 1e-9);
})->with([[725.0, 0.5], [690.0, 0.2], [750.0, 1.0], [800.0, 1.0]]);

it('says too little on the tongue from the first minute, and only where it is likelier under than not', function (
    float $share,
    float $doubt,
    bool $isSaid,
): void {
    $prior = Priors::rig($doubt, 20.0, 4.0, ball: -10.0);
    $gross = $prior->likelyRig()->trailer()->weight;
    $told = $prior->likely(RigParameter::TongueWeight->value);
    $load = LoadChange::between(
        [],
        [Item::of('aboard', Load::ofKilograms(100.0), Carrier::Trailer, Length::ofMillimetres(
            (($share * ($gross + 100.0) - $told) / 100.0) * $prior->known()->ballToAxle,
        ))],
    );
    $posterior = (new Estimation($prior, []))->posterior()->loaded($load);
    $risks = new SwayRisks($posterior, null, TargetRange::usual(), SwayControl::Bracket, null, new Tolerances());
    $said = array_filter(
        $risks->early([], []),
        fn (SwayRisk $one): bool => $one->kind === SwayRiskKind::TooLittleOnTheTongue,
    );

    expect($said !== [])->toBe($isSaid);
})->with([
    'under' => [0.08, 0.02, true],
    'a little under' => [0.098, 0.12, true],
    'a little over, and doubtful' => [0.104, 0.12, false],
    'over' => [0.12, 0.05, false],
]);

it('holds a sway control to the range of its own data sheet', function (?Bounds $own, bool $isSaid): void {
    $prior = Priors::rig(0.02, 20.0, 4.0, ball: -10.0);
    $tension = $prior->likelyRig()->tensionFor(0.75);
    $told = Priors::rig(0.02, $tension, 4.0, ball: -10.0);
    $posterior = (new Estimation($told, (new Readings($told->likelyRig(), $tension))->threeStances()))->posterior();
    $risks = (new SwayRisks(
        $posterior,
        new CurrentSetting(Setting::of(['link' => 4.0]), 0.0, 0.0),
        TargetRange::usual(),
        SwayControl::Bracket,
        $own,
        new Tolerances(),
    ))->ranked([], [], null);

    expect(
        array_filter($risks, fn (SwayRisk $one): bool => $one->kind === SwayRiskKind::ControlOutside) !== [],
    )->toBe($isSaid);
})->with([
    'no range of its own' => [null, false],
    'within' => [new Bounds(0.5, 1.0), false],
    'under it' => [new Bounds(0.9, 1.1), true],
    'over it' => [new Bounds(0.2, 0.6), true],
]);
