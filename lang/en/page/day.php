<?php

declare(strict_types=1);

return [
    'show' => [
        'day' => 'Day',
        'before' => 'Day before',
        'after' => 'Day after',
        'today' => 'Today',
        'line' => 'Line of the day',
        'drag' => 'Drag a job, or move it with the arrow keys: a quarter of an hour left and right, another bay up and down.',
        'bay_number' => 'Bay :bay',
        'bay' => 'Bay',
        'time' => 'Time',
        'person' => 'Person',
        'save' => 'Save',
        'no_jobs' => 'No job is booked for this day.',
        'start_a_job' => 'Start a job',
        'on_day' => 'Day',
        'calls' => 'Calls to make',
        'calendar' => 'My calendar',
        'at_bay' => ':title, :at, bay :bay',
    ],
    'calendar' => [
        'made' => 'Made :made',
        'once' => 'This is the address. It is shown this once: copy it now.',
        'title' => 'My calendar',
        'lead' => 'A private address for a calendar program: it shows the jobs that are yours, and is asked again by itself. Revoke it when a device is lost.',
        'make' => 'Make an address',
        'revoke' => 'Revoke address',
        'revoked' => 'Made :made, revoked :revoked',
    ],
    'calls' => [
        'title' => 'Calls to make',
        'lead' => 'Rigs with something due, whose owner was not reached lately.',
        'nobody' => 'Nobody is to be called.',
        'no_customer' => 'No customer is kept with this rig.',
        'due' => 'Due',
        'last' => 'Last call',
        'add_customer' => 'Add customer',
    ],
];
