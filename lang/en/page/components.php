<?php

declare(strict_types=1);

return [
    'figures-table' => [
        'stance' => 'Stance',
        'front_fender_from_alone' => 'Front fender from alone',
        'rear_fender_from_alone' => 'Rear fender from alone',
    ],
    'job-card' => [
        'with' => ':vehicle_name with :trailer_name',
        'booked' => ':hitch_name · booked :booked_on',
        'handed_over' => 'Handed over :format',
        'at' => 'At ',
        'show' => 'Show',
        'open' => 'Open',
    ],
    'key-sheet' => [
        'keyboard' => 'Keyboard',
        'enter' => 'Enter',
        'next_field_then_save_and' => 'next field, then save and go to the next stance',
        'page_down' => 'Page Down',
        'page_up' => 'Page Up',
        'next_station_station_before' => 'next station, station before',
        'draw_heights_five_times_larger' => 'draw heights five times larger, or to scale',
        'pad_of_sixteenths_open_or' => 'pad of sixteenths, open or shut',
        'back_to_the_yard' => 'back to the yard',
        'the_log_of_every_job' => 'the log of every job',
        'start_a_new_job' => 'start a new job',
        'this_sheet' => 'this sheet',
        'letters_work_outside_the_fields' => 'Letters work outside the fields; Esc leaves a field.',
        'close' => 'Close',
    ],
    'layout' => [
        'main' => 'Main',
        'yard' => 'Yard',
        'log' => 'Log',
        'garage' => 'Garage',
        'new_job' => 'New job',
        'preferences' => 'Preferences',
        'units_and_fineness' => 'Units and fineness',
        'theme' => 'Theme',
        'set' => 'Set',
        'keyboard' => 'Keyboard',
        'you_read_and_book' => 'You read and book: a fitter of this shop fills this in.',
        'account' => 'Your account',
        'account_of' => 'Account of :person',
    ],
    'part-card' => [
        'restore' => 'Restore :model',
        'restore_2' => 'Restore',
        'copy' => 'Copy :model',
        'copy_2' => 'Copy',
        'archive' => 'Archive :model',
        'archive_2' => 'Archive',
    ],
    'rig-card' => [
        'with' => ':vehicle with :trailer',
        'of_filled_in' => ':sheet of :groups filled in',
        'with_2' => ':away :vehicle with :trailer',
        'restore' => 'Restore',
        'archive' => 'Archive',
    ],
    'rig-tabs' => [
        'history' => 'History',
        'maintenance' => 'Maintenance',
    ],
    'shelves' => [
        'shelves' => 'Shelves',
        'rigs' => 'Rigs',
        'archive' => 'Archive',
    ],
    'trend' => [
        'from_the_first_set_up' => ':what, from the first set-up shown to the last: :says',
    ],
    'trouble' => [
        'to_the_yard' => 'To the yard',
    ],
    'weigh-tabs' => [
        'weights' => 'Weights',
        'back_to_the_bench' => 'Back to the bench',
        'weigh_station' => 'Weigh station',
        'tongue_weight' => 'Tongue weight',
        'load_planner' => 'Load planner',
        'tickets' => 'Tickets',
        'loads' => 'Loads',
    ],
];
