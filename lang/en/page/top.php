<?php

declare(strict_types=1);

return [
    'shop' => [
        'shop_and_backups' => 'Shop and backups',
        'back_up_now' => 'Back up now',
        'a_backup_is_one_file' => 'A backup is one file with everything: jobs, photos, people and their passwords\' hashes. It is made while the shop is in use. Store a copy elsewhere, and where only you reach it.',
        'no_backup_yet' => 'No backup yet.',
        'backup' => 'Backup',
        'made' => 'Made',
        'size' => 'Size',
        'mb' => ':bytes MB',
        'restore_backup' => 'Restore backup',
        'restore_from_a_file' => 'Restore from a file',
        'everything_here_is_replaced_a' => 'Everything here is replaced; a backup of the present state is made first.',
    ],
    'yard' => [
        'yard' => 'Yard',
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
