<?php

declare(strict_types=1);

// Maintenance: what is done again and again, what an owner checks, what a wrench found.
return [
    'task' => [
        'retorque' => ['what' => 'Torque again after the first run', 'how' => 'Ball nut, head and brackets, to the data sheet, with a wrench. Over-tight is as bad as loose.'],
        'torque' => ['what' => 'Torque, each season', 'how' => 'Ball nut, head and brackets, to the data sheet, with a wrench. Over-tight is as bad as loose.'],
        'grease' => ['what' => 'Grease', 'how' => 'Ball and head sockets; none on friction faces.'],
        'wear' => ['what' => 'Check for wear', 'how' => 'Whatever rubs, pins, clips, safety chains.', 'and' => 'Rear springs that sag or have touched their stops.'],
        'service' => ['what' => 'Service', 'how' => "To the hitch's data sheet, at a licensed workshop if in doubt."],
    ],
    'line' => ['set-up' => 'Set up and handed over', 'distance' => 'Distance read', 'note' => 'Note'],
    'note_too_long' => 'Expected a note of at most :most letters.',
    'due' => ['overdue' => 'overdue', 'due_soon' => 'due soon', 'not_yet' => 'not yet due'],
    'recheck' => [
        'torque' => ['what' => 'Torque of ball nut, head and brackets', 'when' => 'after the first run, at the distance of the data sheet; then each season', 'when_at' => 'after the first run, at :distance as the data sheet says; then each season'],
        'pins' => ['what' => 'Pins, clips, safety chains, breakaway cable', 'when' => 'every hook-up'],
        'tyre_pressures' => ['what' => 'Tyre pressures, cold', 'when' => 'every trip'],
        'grease' => ['what' => 'Grease on ball and head sockets, none on friction faces', 'when' => 'as the data sheet says, each season at the least'],
        'wear' => ['what' => 'Whatever rubs, for wear', 'when' => 'each season'],
        'whole_set_up' => ['what' => 'The whole set-up', 'when' => "when vehicle, tyres, suspension or the trailer's load change"],
    ],
    'by_the_data_sheet' => ['what' => 'Service of the hitch, to its data sheet', 'when' => 'every :interval', 'when_first' => 'every :interval, whichever comes first'],
    'torque' => [
        'loose' => 'Loose: :wrench, the data sheet asks for :sheet. Tighten it with the wrench.',
        'over_tight' => 'Over-tight, as bad as loose: :wrench, the data sheet asks for :sheet. Slacken it, check bolt and thread, and tighten it again.',
    ],
];
