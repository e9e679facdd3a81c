<?php

declare(strict_types=1);

return [
    'gauge_target' => 'Bars on it is to show :load.',
    'counted_from_end' => ':what are counted from the end, as taken up: more is tighter.',
    'counted_working' => ':what are counted as working ones, between bar and hook: fewer is tighter.',
    'cautions' => 'Chock before uncoupling. Never under a trailer on its jack. Breakaway cable to the vehicle, not the safety chains. Never past a rating: distribution raises none.',
    'small_adjuster' => 'For a load that changed, change :many only.',
];
