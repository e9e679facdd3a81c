<?php

declare(strict_types=1);

// Taping the bars before anything is coupled.
return [
    'title' => 'Tape the bars',
    'lead' => 'Before anything is coupled: the vehicle alone with the head bolted on and one bar hanging free in its socket; the trailer level on its jack.',
    'field' => [
        'ball' => ['label' => 'Ball', 'hint' => 'Ground to the top of the ball'],
        'bar' => ['label' => 'Bar, hanging', 'hint' => "Ground to the bar's hook-up point"],
        'lifted' => ['label' => 'Bar, lifted (if it has play)', 'hint' => 'The same, lifted to the end of its play'],
        'seat' => ['label' => 'Coupler', 'hint' => "Ground to the top of the coupler's seat"],
        'rest' => ['label' => 'Bar rest', 'hint' => 'Ground to where the bar rests, loosest setting'],
        'ledge' => ['label' => 'Bracket', 'hint' => 'Ground to where the bar rests, loosest setting'],
        'hook' => ['label' => 'Chain hook', 'hint' => 'Ground to the hook or saddle that holds the chain'],
        'chain' => ['label' => 'Free chain', 'hint' => 'Hook to bar, chain taut, loosest link. Asked once for this hitch.'],
    ],
    'sketch' => [
        'chain' => 'Where the tape goes: ball, hanging bar, coupler seat, chain hook, and the free chain from hook to bar',
        'ledge' => 'Where the tape goes: ball, hanging bar, coupler seat, and the bracket where the bar rests',
        'vehicle' => 'Vehicle alone, one bar hanging free',
        'trailer' => 'Trailer level on its jack',
    ],
    'head' => 'In the head now: :many',
    'ball_over' => 'The ball stands :length over the coupler.',
    'ball_under' => 'The ball stands :length under the coupler.',
    'rest_level' => 'The bar rests as high on the trailer as it hangs at the vehicle.',
    'rest_higher' => 'The bar rests :by higher on the trailer than it hangs at the vehicle.',
    'rest_lower' => 'The bar rests :by lower on the trailer than it hangs at the vehicle.',
    'first' => 'First hook-up at :setting: :chance likely to be in range.',
    'was_worth' => 'Without the tape it would be :without, with it :with.',
    'would_be_worth' => 'Taping the bars: first hook-up :without → about :with likely to be in range.',
    'skipped' => 'Skipped by :who, :at.',
    'taped' => 'Taped by :who, :at.',
    'save' => 'Save heights',
    'skip' => 'Skip',
    'open' => 'Tape the bars',
    'again' => 'Tape again',
    'undo' => 'Undo',
    'caution' => [
        'ball_far_from_seat' => 'Ball and coupler stand far apart: measure both again.',
        'bar_over_ball' => 'The bar hangs higher than the ball: measure both again.',
        'far_too_slack' => 'These heights leave the bars slack by far: measure them again.',
        'far_too_tight' => 'These heights bend the bars by far too much: measure them again.',
    ],
    'safety' => "Chock the trailer's wheels. Keep feet and hands from under the bar.",
    'not_of_use' => 'This hitch has no bars to tape, or its family is not known yet.',
    'place' => [
        'none' => "No place within the data sheet's range is clear of what is in the way: move the tray, or ask the hitch's maker.",
        'as_the_data_sheet' => 'Brackets :at behind the ball, the same on both sides.',
        'forward' => "Brackets :at behind the ball, the same on both sides: :by forward of the data sheet's distance, clear of what is in the way.",
        'back' => "Brackets :at behind the ball, the same on both sides: :by back of the data sheet's distance, clear of what is in the way.",
    ],
    'holes' => [
        'sheet' => '{0} Bolt the brackets with no hole showing above the frame: the data sheet says so.|{1} Bolt the brackets with one hole showing above the frame: the data sheet says so.|[2,*] Bolt the brackets with :count holes showing above the frame: the data sheet says so.',
        'worked_out' => '{0} Bolt the brackets with no hole showing above the frame: the bars then lie :level.|{1} Bolt the brackets with one hole showing above the frame: the bars then lie :level.|[2,*] Bolt the brackets with :count holes showing above the frame: the bars then lie :level.',
        'beside' => '{0} By the measures it would be none: the bars then lie :level.|{1} By the measures it would be one: the bars then lie :level.|[2,*] By the measures it would be :count: the bars then lie :level.',
        'level' => 'as high as at the head',
        'lower' => ':by lower than at the head',
        'higher' => ':by higher than at the head',
    ],
    'sheet_start' => 'The data sheet starts at :setting; the first setting is planned from there.',
    'lean' => [
        'square' => 'Carried, the chains hang square to the frame.',
        'to_the_front' => "Carried, the chains lean :angle to the front at the top: move the brackets back, within the data sheet's range, to square them.",
        'to_the_rear' => "Carried, the chains lean :angle to the rear at the top: move the brackets forward, within the data sheet's range, to square them.",
    ],
];
