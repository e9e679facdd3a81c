<?php

declare(strict_types=1);

// What an owner is told beside the card.
return [
    'expected_a_note' => 'Expected a note of 1 to :most characters.',
    'sent' => 'Sent to the shop.',
];
