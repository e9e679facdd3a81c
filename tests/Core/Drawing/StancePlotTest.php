<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Showing\Drawing\Plot\StancePlot;
use Yoke\Showing\Drawing\Point;

function stancePlot(): StancePlot
{
    $prior = Priors::rig(0.1, 20.0, 6.0);
    $posterior = (new Estimation(
        $prior,
        (new Readings($prior->likelyRig(), 20.0, null, 0.3))->threeStances(),
    ))->posterior();

    return new StancePlot(
        $posterior,
        TargetRange::usual(),
        [['rear' => -30.0, 'front' => 4.0]],
        new Yoke\Judgement\Method\Tolerances(),
    );
}

it('puts up above and right to the right, everything inside', function (): void {
    $plot = stancePlot();
    $points = [$plot->alone(), $plot->dropped(), ...$plot->path([-20.0, 0.0, 20.0, 40.0])];

    expect($plot->at(0.0, 5.0)->y)
        ->toBeLessThan($plot->at(0.0, 0.0)->y)
        ->and($plot->at(-10.0, 0.0)->x)
        ->toBeLessThan($plot->at(0.0, 0.0)->x);
    foreach ($points as $point) {
        expect($point->x)->toBeBetween(0, 100)->and($point->y)->toBeBetween(0, 100);
    }
});

it('walks from dropped towards alone and past it as the tension grows', function (): void {
    $plot = stancePlot();
    $ys = array_map(fn (Point $point): float => $point->y, $plot->path([0.0, 20.0, 40.0, 60.0]));
    $sorted = $ys;
    sort($sorted);

    expect($ys)->toBe($sorted)->and($plot->dropped()->y)->toBeLessThan($plot->alone()->y);
});

it('marks what each method calls in band', function (): void {
    $plot = stancePlot();
    $regions = $plot->regions();
    $rig = Priors::rig(0.1, 20.0, 6.0)->likelyRig();
    $inside = function (float $share) use ($plot, $regions, $rig): bool {
        $carried = $rig->carried($rig->tensionFor($share));
        $y = $plot->at($carried->rearRise()->millimetres(), $carried->frontRise()->millimetres())->y;
        $ys = array_map(fn (Point $corner): float => $corner->y, $regions['front_restoration']);

        return $y > min($ys) && $y < max($ys);
    };

    expect(array_keys($regions))
        ->toBe(['front_restoration', 'equal_squat', 'coupler_height'])
        ->and(array_map($inside, [0.4, 0.55, 0.75, 0.95, 1.1]))
        ->toBe([false, true, true, true, false])
        ->and($regions['equal_squat'])
        ->toHaveCount(4);
});

it('draws a doubt as wide as it is', function (): void {
    $plot = stancePlot();
    $ellipse = $plot->ellipse(2.0, 1.0);

    expect($plot->at(2.0, 0.0)->x - $plot->at(0.0, 0.0)->x)
        ->toEqualWithDelta($ellipse['across'], 1e-9)
        ->and($plot->at(0.0, 0.0)->y - $plot->at(0.0, 1.0)->y)
        ->toEqualWithDelta($ellipse['up'], 1e-9);
});
