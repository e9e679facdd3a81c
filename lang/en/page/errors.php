<?php

declare(strict_types=1);

return [
    '400' => [
        'this_does_not_read' => 'This does not read',
        'expected_plain_text_from' => 'Expected plain text from a form of this program. Nothing was saved. Go back: what you typed is still in the page before this one.',
    ],
    '403' => [
        'no_access' => 'No access',
        'you_are_signed_in_but' => 'Nothing was changed. Expected somebody who works on jobs, or the owner of the shop: the owner says on the page People who is what.',
    ],
    '404' => [
        'page_not_found' => 'Page not found',
        'the_job_station_or_page' => 'The job, station or page asked for does not exist. It may have been typed wrong.',
    ],
    '405' => [
        'nothing_to_open_here' => 'Nothing to open here',
        'this_address_takes_a_form' => 'This address takes a form that is sent to it; it has no page of its own. Start from the yard.',
    ],
    '413' => [
        'too_large' => 'Too large',
        'expected_a_form_of' => 'Expected a form of at most 1 MB, a photo of at most 25 MB, or a job file of at most 8 MB. Nothing was saved.',
    ],
    '419' => [
        'your_sign_in_has_ended' => 'Your sign-in has ended',
        'nothing_was_saved_go_back' => 'Nothing was saved. Go back: what you typed is still in the page before this one. Then sign in again in another tab, reload and save.',
    ],
    '429' => [
        'too_many_requests' => 'Too many requests',
        'expected_a_pause_of_a' => 'Expected a pause of a minute.',
    ],
    '500' => [
        'something_went_wrong_in_the' => 'Something went wrong in the server',
        'what_was_saved_before_is' => 'What was saved before is not touched. Go back: what you typed is still in the page before this one. The server log says what happened.',
    ],
    'restoring' => ['wait' => 'Wait a moment'],
    'database' => [
        'nothing_can_be_read_or' => 'Nothing can be read or saved just now',
        'what_was_saved_before_is' => 'What was saved before is not touched. What you typed is in the page before this one: go back, and it is still there. On the machine that serves Ivy Yoke, bin/demo sets up a missing database; a file that cannot be written needs its folder\'s rights or disk space put right.',
    ],
];
