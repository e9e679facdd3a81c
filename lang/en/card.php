<?php

declare(strict_types=1);

return [
    'cautions' => 'Chock before uncoupling. Never under a trailer on its jack. Breakaway cable to the vehicle, not the safety chains. Never past a rating: distribution raises none.',
    'small_adjuster' => 'For a load that changed, change :many only.',
];
