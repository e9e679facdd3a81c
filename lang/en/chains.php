<?php

declare(strict_types=1);

// How long the safety chains have to be.
return [
    'title' => 'Safety chains',
    'lead' => 'They cross under the coupler. Tape from the ball, seen from above; the chain from its anchor to the end of its hook.',
    'sketch' => 'From above: the safety chains cross under the coupler; where the tape goes, 1 to 4',
    'field' => [
        'loop_ahead' => ['label' => 'Loops ahead of the ball', 'hint' => 'A long head makes the chains short.'],
        'loop_aside' => ['label' => 'Loop from the centre line', 'hint' => 'Half of what the two stand apart.'],
        'anchor_behind' => ['label' => 'Anchors behind the ball', 'hint' => 'Where the chains are bolted or welded to the trailer.'],
        'anchor_aside' => ['label' => 'Anchor from the centre line', 'hint' => 'Half of what the two stand apart.'],
        'height' => ['label' => 'Height over the road', 'hint' => 'Of loops or anchors, whichever is lower, the rig coupled.'],
        'chain' => ['label' => 'Chain, with its hook', 'hint' => 'Stretched.'],
    ],
    'reckon' => 'Is it long enough?',
    'right' => 'Long enough for a tight turn, and :clear clear of the road.',
    'short' => ':by too short: it would come taut in a tight turn. Extend it with parts rated as the chain is.',
    'low' => ':by too long: it hangs :clear over the road. Hook it a link or more shorter, or twist it no further than the data sheet allows.',
    'drags' => ':by too long: it drags on the road. Hook it shorter, or twist it no further than the data sheet allows.',
    'impossible' => 'No length is both long enough for a tight turn and clear of the road: the loops stand too low, or too far from the anchors.',
    'range' => 'From :shortest, slack in a turn of :turn, to :longest, clear of the road with the rig straight.',
    'governs' => 'The data sheets of chain, hook and trailer govern, and local law on what must be rated for what.',
    'back' => 'Back to Head',
    'open' => 'How long are the safety chains?',
];
