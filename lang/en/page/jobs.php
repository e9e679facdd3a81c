<?php

declare(strict_types=1);

return [
    'log' => [
        'emptied' => '(emptied)',
        'rolled' => 'rolled',
        'not_rolled' => 'not rolled',
        'came_with' => 'by the file :file, imported :at',
        'came_with_by' => 'by the file :file, imported :at by :person',
        'superseded' => 'superseded :at',
        'undone' => 'undone',
        'stands' => 'stands',
        'tape_log' => 'Tape log',
        'back_to_the_bench' => 'Back to the bench',
        'every_reading_stays_as_it' => 'Every reading stays as it was typed. A corrected one supersedes the earlier one; both are kept.',
        'nothing_is_taped_yet' => 'Nothing is taped yet.',
        'the_first_height_you_save' => 'The first height you save appears here.',
        'when' => 'When',
        'who' => 'Who',
        'stance' => 'Stance',
        'fender' => 'Fender',
        'typed' => 'Typed',
        'height' => 'Height',
        'before_it' => 'Before it',
        'state' => 'State',
        'tape_log_2' => 'Tape log, :title',
    ],
];
