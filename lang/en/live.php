<?php

declare(strict_types=1);

// What a page's scripts say: handed to the page as they stand here, by key.
return [
    'sent_so_far' => 'Sent: :percent %',
    'reading' => 'Reading …',
    'device_silent' => 'No answer from the server. Type the figure.',
    'device_moving' => 'The display does not come to rest. Type what it shows.',
    'no_answer' => 'No answer from the server. What you typed is kept here; save again when the connection is back.',
    'signed_out' => 'Your sign-in has ended. What you typed is kept; reload the page and sign in again.',
    'refused' => 'The server could not do this: what it belongs to is missing or has changed. What you typed is kept here.',
    'failed' => 'The server could not do this. What you typed is kept here.',
    'not_saved' => 'Not saved yet',
    'waits' => 'Waits for the connection',
    'sent' => 'Sent',
    'keeps_nothing' => 'This browser keeps nothing for later. Stay on this page, and send it again when the connection is back.',
    'no_connection' => 'No connection.',
    'page_stays' => 'No connection. The page stays open; what you type waits here.',
    'one_waits' => ':trouble One entry waits here, in this browser, and is sent when the connection is back.',
    'many_wait' => ':trouble :count entries wait here, in this browser, and are sent in order when the connection is back.',
    'not_taken' => 'Sent, but not saved:',
    'not_taken_because' => '(:typed). :sentence',
    'seen' => 'Dismiss',
    'kept_copy' => 'No connection. This page was kept at :at: what it shows may be old. What you type waits here.',
    'owner_no_connection' => 'No connection. This is what the shop said when the page was opened last.',
    'owner_changed' => 'The shop has changed something since you were here last. This page shows it.',
    'owner_closed' => 'The shop has closed this link. Nothing here holds any more: ask the shop.',
    'owner_note_sent' => 'Sent to the shop.',
    'owner_note_waits' => 'No connection. The note waits on this phone and is sent when the connection is back.',
];
