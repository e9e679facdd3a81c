<?php

declare(strict_types=1);

return [
    'body' => [
        'needs_attention' => 'needs attention',
        'done' => 'done :on',
        'not_recorded' => 'not recorded',
        'setting' => 'Setting',
        'on_both_sides_mark_it' => 'on both sides. :counting Mark it.',
        'ball_unloaded' => 'Ball, unloaded',
        'torques_from_the_data_sheet' => 'Torques, from the data sheet',
        'tyre_pressures_cold' => 'Tyre pressures, cold',
        'fender' => ':Axle fender',
        'check_again' => 'Check again',
        'when' => 'When',
        'cautions' => 'Cautions.',
        'if_it_sways' => 'If it sways.',
        'set_up_an_aid_to' => 'Set up :booked_on. An aid to measuring, not a certificate. The makers\' instructions and local law come first; if in doubt, a licensed workshop.',
    ],
    'closed' => [
        'link_closed' => 'Link closed',
        'this_link_is_closed' => 'This link is closed',
        'it_has_ended_was_revoked' => 'It has ended, was revoked, or is incomplete. Ask the workshop that set up your rig for a new one.',
    ],
    'pdf' => [
        'on_the_phone' => 'This card on the phone, and the setting for other loads',
        'card' => 'Card, :title',
    ],
    'show' => [
        'units' => 'Units for the owner',
        'language' => 'Language for the owner',
        'ended' => 'ended',
        'revoked' => 'revoked :at',
        'notes' => 'Notes from the owner',
        'seen_by' => 'Seen by :person',
        'on_the_phone' => 'This card on the phone: point its camera here.',
        'to_the_page' => 'Back to the page',
        'pdf' => 'PDF, :paper',
        'to_the_bench' => 'To the bench',
        'print_the_card' => 'Print the card',
        'the_rig_as_it_was' => 'The rig as it was handed over',
        'private_links' => 'Private links',
        'private_links_for_the_owner' => 'Private links for the owner',
        'whoever_has_the_link_sees' => 'Whoever has the link sees this card and the rig\'s procedures, without a sign-in, for two years or until it is revoked.',
        'link_made' => 'Link made :made_at',
        'revoke_link' => 'Revoke link',
        'made' => 'Made :made_at, :revoked_at.',
        'create_a_link' => 'Create a link',
        'card' => 'Card, :title',
    ],
];
