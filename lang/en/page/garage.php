<?php

declare(strict_types=1);

return [
    'new-loads' => [
        'new_load' => 'New load on a hitch',
        'which_hitch' => 'The same hitch behind another vehicle, with another trailer, or with another tongue weight. Which hitch?',
        'every_hitch' => 'Every hitch is in the garage',
        'on_no_rig_yet' => 'on no rig yet',
        'no_hitch_yet' => 'No hitch is in the garage yet.',
        'start_a_job' => 'Start a job',
    ],
    'new-load' => [
        'title' => 'New load on :hitch',
        'vehicle' => 'Vehicle',
        'trailer' => 'Trailer',
        'tongue_weight' => 'Tongue weight',
        'tongue_hint' => 'As the gauge shows it bars off, or as it was weighed. It is kept with the trailer.',
        'start_the_job' => 'Start the job',
    ],
    'new-load-says' => [
        'this_pair_cannot_be' => 'This vehicle, trailer and hitch do not go together: see what is marked.',
    ],
    'away' => [
        'archive' => 'Archive',
        'garage' => 'Garage',
        'nothing_is_archived' => 'Nothing is archived.',
        'what_is_archived_stays_with' => 'What is archived stays with its jobs and can be restored here. Nothing is deleted.',
    ],
    'edit' => [
        'save_specification' => 'Save specification',
        'another_look_everything_you_typed' => '{1} One field needs another look; everything you typed is still here, and nothing is saved yet.|[2,*] :count fields need another look; everything you typed is still here, and nothing is saved yet.',
        'another_look_the_rest_is_saved' => '{1} One field needs another look; what you typed in it is still here. Everything else is saved.|[2,*] :count fields need another look; what you typed in them is still here. Everything else is saved.',
        'name' => 'Name',
        'plan' => 'Plan',
        'new' => 'New :value',
        'not_known' => 'Not known',
    ],
    'index' => [
        'choose_a_hitch' => 'Choose a hitch',
        'garage' => 'Garage',
        'start_a_job_with_new' => 'Start a job with new parts',
        'no_rig_is_paired_yet' => 'No rig is paired yet.',
        'a_rig_pairs_a_vehicle' => 'A rig pairs a vehicle, a trailer and a hitch; their specifications are kept here.',
        'later_ones' => 'Later ones',
        'earlier_ones' => 'Earlier ones',
        'pair_a_rig' => 'Pair a rig',
        'pair_rig' => 'Pair rig',
    ],
    'plan' => [
        'once_this_is_paired_with' => 'Once this is paired with the rest of a rig, the rig is drawn and planned here as you type. A dimension that cannot be stops the drawing until it is corrected.',
        'the_rig_as_predicted_alone' => 'The rig as predicted, alone, dropped and carried; its figures stand in the table after it',
        'the_rig_as_predicted' => 'The rig as predicted',
    ],
    'shelf' => [
        'garage' => 'Garage',
        'new' => 'New :part',
        'no_is_here_yet' => 'No :part is here yet.',
        'describe_one_or_start_a' => 'Describe one, or start a job with one: its specification is kept here.',
    ],
];
