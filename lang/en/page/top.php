<?php

declare(strict_types=1);

return [
    'no-connection' => [
        'no_connection' => 'No connection',
        'this_page_is_not_kept' => "This page is not kept on this device. The yard and today's jobs are, and what you typed waits here until the connection is back.",
        'to_the_yard' => 'To the yard',
    ],
    'yard' => [
        'day' => 'Line of the day',
        'notes' => 'Notes from owners',
        'seen' => 'Mark as seen',
        'yard' => 'Yard',
        'new_load_on_a_hitch' => 'New load on a hitch',
        'start_a_job' => 'Start a job',
        'no_job_is_open' => 'No job is open.',
        'a_job_pairs_a_vehicle' => 'A job pairs a vehicle, a trailer and a hitch, and keeps every height you tape.',
        'start_the_first_one' => 'Start the first one',
        'more_open' => '{1} 1 more is open.|[2,*] :count more are open.',
        'all_open_jobs' => 'All open jobs',
        'due' => 'Due',
        'calendar_file' => 'Calendar file',
        'handed_over' => 'Handed over',
    ],
];
