<?php

declare(strict_types=1);

// Taping the gap over the bars with the rig dropped: the twin of the four heights.
return [
    'title' => 'Tape the gap',
    'lead' => 'Coupled and dropped: put one bar in its socket, let it hang, and do not hook it up. Tape at its hook-up point.',
    'safety' => 'Keep hands and feet from under the bar: it can drop out of its socket.',
    'field' => [
        'gap' => ['label' => 'Frame to bar', 'hint' => "From the frame's underside down to the bar's hook-up point"],
        'chain' => ['label' => 'Frame to bar, loosest link', 'hint' => 'With the chain taut at its loosest link. Asked once for this hitch.'],
        'ledge' => ['label' => 'Frame to ledge, loosest hole', 'hint' => 'Down to where the bar rests at the loosest setting. Asked once for this hitch.'],
    ],
    'sketch' => [
        'chain' => 'Where the tape goes: from the frame down to the hanging bar, and from the frame down the taut chain at its loosest link',
        'ledge' => 'Where the tape goes: from the frame down to the hanging bar, and from the frame down to the ledge at its loosest hole',
    ],
    'worth_it' => 'One gap tells how far each setting bends the bars, before the first hook-up.',
    'cost' => 'Skipping it leaves the bars\' tension unknown: the first hook-up is then less likely to be in range.',
    'cost_taped' => 'The bars are taped already: this only confirms it.',
    'skipped' => 'Skipped.',
    'taped' => 'Taped: :gap.',
    'not_of_use' => 'This hitch has no bars to tape, or its family is not known yet.',
    'save' => 'Save gap',
    'back' => 'Back to Dropped',
];
