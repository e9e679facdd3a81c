<?php

declare(strict_types=1);

// What the people who set this family up call its parts, and what they do with them.
return [
    'name' => 'tension chain, no bars',
    'steps' => [
        'thread' => ['one' => 'thread', 'many' => 'threads'],
        'head' => ['one' => 'hole', 'many' => 'holes'],
    ],
    'sway' => 'a friction cone turned by the chains',
    'sway_checks' => [
        'threads' => [
            'says' => 'Both chains tightened alike, by counted threads',
            'remedy' => "Count again from the nut's face, and tighten the slack side.",
        ],
        'plate' => [
            'says' => 'The plate stands straight with the rig in line',
            'remedy' => 'A plate left turned after unhooking at an angle: loosen one side, or ease the vehicle round to bring it back.',
        ],
        'cone' => ['says' => 'Friction cone clean, its spring not worn', 'remedy' => 'Service it to its data sheet.'],
    ],
    'stations' => [
        'brackets' => ['steps' => [
            "Set the chains' brackets at the data sheet's distance from the ball centre, the same on both sides.",
            'Both chains run straight, with the plate in line.',
        ]],
        'bars-up' => [
            'steps' => [
                'Jack up until the chains are slack, put the plate on with its pin, and lower the jack: that tensions them.',
                'Turn the nuts only to change the setting: with slack chains and the trailer on blocks, by counted threads alike on both sides.',
                'Roll forward and back, and tape both fenders.',
                'Change one thing, then tape again.',
            ],
            'caution' => 'Fingers clear: a tensioned chain stores a lot of energy. Never under a trailer that is held by its jack: it stands on blocks, wheels chocked.',
        ],
    ],
    'bars_on' => [
        'raise' => [
            'does' => 'Jack vehicle and trailer up together until the chains are slack.',
            'why' => 'Coupled, the jack lifts both ends: the chains lose their tension.',
            'caution' => "Driver's brake on. Nobody under the tongue while the jack holds it.",
        ],
        'stretch' => [
            'does' => 'Stretch both chains forward, untwisted, towards the ball.',
            'why' => 'A twisted chain is short, and pulls the plate to one side.',
        ],
        'plate_on' => [
            'does' => 'Put the plate on under the ball, and push the pin in. A soft mallet helps.',
            'why' => 'The pin takes the pull of both chains.',
            'caution' => 'Fingers clear between plate and ball. Nobody under the tongue while the jack holds it.',
        ],
        'lower' => [
            'does' => 'Lower the jack: the weight of the rig tensions the chains.',
            'why' => 'Nothing is turned: the marked threads give the same tension every time.',
            'caution' => 'Fingers and feet clear: a tensioned chain stores a lot of energy.',
        ],
    ],
    'bars_off' => [
        'raise' => [
            'does' => 'Jack vehicle and trailer up together until the chains are slack.',
            'why' => 'A pin under tension does not come out, or comes out hard.',
            'caution' => "Driver's brake on. Nobody under the tongue while the jack holds it.",
        ],
        'pull_pin' => [
            'does' => 'Pull the pin under the ball and let the plate down.',
            'caution' => 'Fingers clear between plate and ball. Nobody under the tongue while the jack holds it.',
        ],
        'weight_back' => [
            'does' => 'Lower the jack until the weight is back on the ball, before the latch is opened.',
            'why' => 'Otherwise ball and coupler are pressed apart by the jack, and snap apart when the latch opens.',
            'caution' => 'Weight on the ball first, then the latch.',
        ],
    ],
    'change' => [
        'raise' => [
            'does' => 'Jack vehicle and trailer up together until the chains are slack.',
            'why' => 'Nuts are turned only with slack chains.',
            'caution' => "Driver's brake on. Nobody under the tongue while the jack holds it.",
        ],
        'blocks' => [
            'does' => 'Set the trailer on blocks under its frame, and lower it on to them. Chock its wheels.',
            'why' => 'Somebody lies under it to reach the nuts.',
            'caution' => 'Never under a trailer that is held by its jack: blocks carry it, wheels chocked.',
        ],
        'turn_nuts' => [
            'does' => 'Turn the nuts of both sides by the same counted threads: in for more tension, out for less.',
            'why' => 'Unlike chains turn the trailer.',
            'caution' => 'Look at the blocks again before you lie down.',
        ],
        'count' => [
            'does' => 'Count the threads on both sides, from the face of the nut, and mark them.',
        ],
        'blocks_out' => [
            'does' => 'Come out from under it. Jack it off the blocks and take them away.',
        ],
    ],
    'little' => 'Tension chains move little load, by their nature: at the tightest thread about :share of the front axle load is restored. Their strength is sway control. What would restore it, with sway control of its own: :others.',
    'grease' => 'Ball. No grease on the cone.',
    'wear' => 'Chains, nuts and threads, the cone and its spring, coupler pin.',
    // What its people say where others say bars.
    'terms' => ['spring bars' => 'chains', 'spring bar' => 'chain', 'bars' => 'chains', 'bar' => 'chain'],
    // Whole texts that it says otherwise.
    'instead' => [
        'bars.not_of_use' => 'This hitch has nothing to tape here.',
        'gap.not_of_use' => 'This hitch has nothing to tape here.',
        'move.cannot' => 'Leave it at its marked threads: no setting of this hitch reaches the range.',
        'move.because.too_weak' => 'Even the tightest thread restores only about :share %: tension chains move little load, by their nature. Another kind of hitch, or less tongue weight, would reach the range.',
        'move.because.nearest_allowed_share' => 'Tension chains move little load, by their nature: no thread reaches the range. This is the nearest: about :share % restored.',
        'term.middle_setting' => 'At the middle thread the chains are taken to be stretched by',
        'screen.advice_page.bends' => 'how far it stretches the chains',
        'finding.slack_bars.what' => 'Chains slack',
        'finding.slack_bars.means' => 'They carry nothing, and the cone loses its grip.',
        'finding.slack_bars.remedy' => 'More threads, alike on both sides.',
        'finding.bent_by' => 'chains stretched :bend :doubt',
        'finding.evidence.bars' => 'Evidence: the stretch of the chains that fits all readings. Look at the chains.',
        'specification.hitch.fields.pitch_mm.label' => 'One thread',
        'specification.hitch.fields.steps.label' => 'Threads',
        'specification.hitch.fields.start_step.label' => 'Thread to start with',
    ],
    'suits' => [
        'reversing' => 'Nothing comes off before reversing.',
        'tailgate' => 'Nothing stands up on the head.',
        'obstructions' => 'Little stands on the frame.',
        'quiet' => 'Quiet in turns.',
        'sway_control' => 'A friction cone turned by the chains resists sway.',
    ],
];
