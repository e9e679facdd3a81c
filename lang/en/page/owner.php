<?php

declare(strict_types=1);

return [
    'show' => [
        'as_of' => 'From the shop, as of :made.',
        'no_setting_yet' => 'The shop has not recorded a setting yet. Once it has, this page tells what to set for your load.',
        'todays_load' => "Today's load",
        'against_the_set_up' => 'Against the day it was set up: what is more, or less, today?',
        'less' => ':what: less',
        'more' => ':what: more',
        'show_answer' => 'Show answer',
        'answer' => 'For this load',
        'small_adjuster_only' => 'Only the small adjuster is moved for a load. Washers and head stay as the shop set them.',
        'two_heights' => 'Check two heights',
        'how_to_measure' => 'Coupled, bars on, jack up, on level ground. Roll forward and back, then measure ground to wheel-arch edge over the axle.',
        'front' => 'Front fender',
        'rear' => 'Rear fender',
        'lower' => 'Lower',
        'higher' => 'Higher',
        'check_heights' => 'Check heights',
        'procedures' => 'Step by step',
        'due' => 'Due',
        'card' => 'Card',
        'on_paper' => 'Card to print',
        'note' => 'Note to the shop',
        'note_hint' => 'Without a connection it waits on this phone and is sent later.',
        'send' => 'Send note',
        'disclaimer' => 'An aid to measuring, not a certificate. The makers\' instructions and local law come first. If in doubt, stop and ask a licensed workshop.',
    ],
    'procedure' => [
        'done_of' => ':done of :all done',
        'start_over' => 'Start over',
        'back' => 'Back to the card',
    ],
];
