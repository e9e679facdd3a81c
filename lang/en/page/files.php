<?php

declare(strict_types=1);

return [
    'show' => [
        'files' => 'Files',
        'back_to_the_bench' => 'Back to the bench',
        'imported_completely' => 'Imported completely.',
        'not_known_here_kept_and' => 'Not known here, kept, and exported again with the file: :unknown',
        'a_file_holds_names_and' => 'A file holds names and heights of a customer\'s rig: treat it like the rig\'s papers. Private links are not in it.',
        'import_a_job' => 'Import a job',
        'files_2' => 'Files, :title',
        'the_whole_job' => 'The whole job',
        'its_rig_loads_service_record' => 'Its rig, loads, service record, readings, photos: for another shop, or to keep. JSON, with a published schema.',
        'readings' => 'Readings',
        'the_tape_log_a_line' => 'The tape log, a line each, for a spreadsheet.',
        'tickets' => 'Tickets',
        'what_the_weighbridge_said_a' => 'What the weighbridge said, a line each.',
        'drawing' => 'Drawing',
        'the_rig_to_scale_as' => 'The rig to scale as it was read last.',
        'card' => 'Card',
        'one_page_for_the_owner' => 'One page for the owner.',
        'calendar' => 'Calendar',
        'what_falls_due_on_this' => 'What falls due on this rig.',
    ],
    'take' => [
        'import_a_job' => 'Import a job',
        'to_the_log' => 'To the log',
        'what_to_do_with_it' => 'What to do with it',
        'merge' => 'Merge',
        'the_job_joins_the_rig' => 'The job joins the rig that is here; the specifications here stay as they are.',
        'import_as_a_copy' => 'Import as a copy',
        'everything_in_the_file_is' => 'Everything in the file is added beside what is here, its parts named (copy).',
        'stop' => 'Stop',
        'nothing_is_imported' => 'Nothing is imported.',
        'job_file' => 'Job file',
        'as_another_shop_sent_it' => 'As another shop sent it, or as it was kept; at most 8 MB. Everything is imported, or nothing.',
        'import' => 'Import',
    ],
];
