<?php

declare(strict_types=1);

return [
    'body' => [
        'setting' => 'Setting',
        'on_both_sides_mark_it' => 'on both sides. :counting Mark it.',
        'ball_unloaded' => 'Ball, unloaded',
        'torques_from_the_data_sheet' => 'Torques, from the data sheet',
        'tyre_pressures_cold' => 'Tyre pressures, cold',
        'fender' => ':axle fender',
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
        'card' => 'Card, :title',
        'page_margin_12mm_body_font' => '@page { margin: 12mm; } body { font-family: \'DejaVu Sans\', sans-serif; font-size: 9.5pt; line-height: 1.25; color: #1c2321; } h1 { font-size: 16pt; margin: 0 0 1mm; } p { margin: 1.5mm 0; } img { width: 100%; } table { width: 100%; border-collapse: collapse; margin: 2mm 0; } th { text-align: left; } th, td { padding: 1mm 2mm 1mm 0; border-bottom: .3pt solid #b9b39f; vertical-align: top; } .card-figures th { width: 34%; } .card-heights td { font-size: 12pt; font-weight: bold; } .card-foot { font-size: 8pt; color: #4d5652; }',
    ],
    'show' => [
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
