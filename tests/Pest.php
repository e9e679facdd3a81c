<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\FeatureCase;

// The core's tests and the architecture tests run on PHPUnit's own TestCase: the framework is never booted there.
pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');
