<?php

declare(strict_types=1);

return [
    'paper' => [
        'title' => ':occasion on paper, :job',
        'print' => 'Print',
        'back_to_the_steps' => 'Back to the steps',
        'helper' => 'Helper: “:calls”.',
        'the_hitch_makers_and_vehicle' => 'The hitch maker\'s and vehicle maker\'s instructions and local law come first.',
    ],
    'show' => [
        'alone' => 'Alone:',
        'as_a_list' => 'As a list',
        'procedures' => 'Procedures',
        'the_family_of_the_hitch' => 'The family of the hitch is not known yet. Choose it on the hitch\'s specification to see the procedure.',
        'all_steps_done_in_min' => 'All steps done, in :value min. It is recorded in the log.',
        'run_again' => 'Run again',
        'back_to_the_bench' => 'Back to the bench',
        'steps_taken' => 'Steps taken',
        'step_of' => 'Step :taken of :steps',
        'begun' => ', begun :started_at',
        'helper_calls' => 'Helper calls',
        'done' => 'Done',
        'skip' => 'Skip',
        'undo_step' => 'Undo step',
        'stop_procedure' => 'Stop procedure',
        'earlier_runs' => 'Earlier runs',
        'min' => ':finished_at, :given_up_at, :user, :given_up_at2 min',
        'all_steps' => 'All steps',
        'at' => ':step at :step2',
        'on_paper' => 'On paper',
        'finished' => 'Finished',
        'stopped' => 'Stopped',
    ],
    'ticks' => [
        'tick_as_you_go' => 'Tick each step as it is done. Ticks stay on this device; save them when all is done, with or without a connection.',
        'save' => 'Save ticked steps',
    ],
];
