<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\FeatureCase;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;

// The core's tests and the architecture tests run on PHPUnit's own TestCase: the framework is never booted there.
pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');

/** What a rig is held to where nobody says otherwise. */
function usualGoal(Criterion $criterion = Criterion::FrontRestoration): Goal
{
    return ShopRules::usual()->goal($criterion);
}
