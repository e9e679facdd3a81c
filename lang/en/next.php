<?php

declare(strict_types=1);

// The one thing to do now, and what it costs to leave it out.
return [
    'alone' => 'Next: measure the vehicle alone.',
    'head' => 'Next: head. Set the ball height before you couple.',
    'brackets' => 'Next: brackets, and tape the bars if you want the first setting closer.',
    'dropped' => 'Next: couple, bars off, and measure dropped.',
    'tension_off' => 'Next: take the tension off and measure dropped, then alone. One stance tells nothing of the load: springs sag as they please, and the eye that compares front with rear is deceived by it.',
    'hook_up' => 'Next: hook up and measure carried.',
    'hook_up_at' => 'Next: hook up at :setting and measure carried.',
    'carried' => 'Next: measure carried.',
    'carried_at' => 'Next: measure carried at :setting.',
    'move' => 'Next: :move',
    'prove' => 'Next: prove it, level and ratings.',
    'sway' => 'Next: sway control.',
    'checks' => 'Next: hook-up checks.',
    'road' => 'Next: road test.',
    'hand_over' => 'Next: hand over.',
    'nothing' => '',
    'go' => 'Next: :station',
    'again' => 'Worth a minute while the trailer is off: measure alone a second time.',
    'skip' => [
        'to' => 'Skip to :station',
        'head' => 'Without it the ball counts as level with the coupler.',
        'brackets' => "Without it the bars' length is assumed, and the first setting is less sure.",
        'prove' => 'Without it nothing says whether the trailer stands level and within its ratings.',
        'sway' => 'Without it the sway control stays as it was.',
        'checks' => 'Without it nobody has looked at pins, chains and lights.',
        'road' => 'Without it nobody knows how it drives.',
    ],
];
