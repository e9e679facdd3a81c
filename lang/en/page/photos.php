<?php

declare(strict_types=1);

return [
    'show' => [
        'photos' => 'Photos',
        'back_to_the_bench' => 'Back to the bench',
        'it_shows' => 'It shows',
        'photo' => 'Photo',
        'it_is_made_smaller_and' => 'It is made smaller, and its location is removed. It needs a connection.',
        'save_photo' => 'Save photo',
        'no_photo_yet' => 'No photo yet.',
        'the_placards_at_the_brief' => 'The placards at the brief, the washers at the head, the mark on the link at the hand-over: they are here at the return visit.',
        'delete_photo' => 'Delete photo',
        'photos_2' => 'Photos, :title',
    ],
];
