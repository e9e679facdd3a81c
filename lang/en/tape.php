<?php

declare(strict_types=1);

// Where heights are typed.
return [
    'save' => 'Save heights',
    'rolled' => 'Rolled forward and back',
    'pad' => 'Keys',
    'one_height' => 'One height an axle',
    'left_and_right' => 'Left and right',
    'again' => 'Measure again',
    'go_on_without' => 'Save again to go on without it.',
    'log' => 'Tape log',
];
