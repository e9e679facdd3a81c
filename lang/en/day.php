<?php

declare(strict_types=1);

// The line of a day.
return [
    'to_go' => 'about :mean min to go, :least to :most',
    'foreseen' => 'about :mean min, :least to :most',
    'state' => ['waiting' => 'not begun', 'begun' => 'begun', 'done' => 'handed over'],
    'next' => 'Next: :title at :at, :foreseen.',
    'next_without_time' => 'Next: :title, no time yet, :foreseen.',
    'late' => ':title runs late: probably done at :end.',
    'clash' => ':one and :other stand in one bay, or need one person, at the same time.',
    'expected_time' => 'Expected a time such as 13:45, or nothing.',
    'expected_bay' => 'Expected a bay of 1 to 20 letters or digits, or nothing.',
    'expected_person' => 'Expected somebody from the list, or nobody.',
    'expected_day' => 'Expected a day such as 2026-05-04.',
    'saved' => 'Saved.',
    'calendar_made' => 'Address made. Whoever has it sees your jobs.',
    'calendar_revoked' => 'Address revoked: it shows nothing any more.',
    'calendar_name' => 'Jobs of :person',
    'event' => ':title, bay :bay',
    'call' => ['booked' => 'Booked', 'reached' => 'Reached', 'no_answer' => 'No answer'],
    'called' => ':outcome, :person, :at',
];
