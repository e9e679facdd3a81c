<?php

declare(strict_types=1);

return [
    'too_far' => 'This is :change from the alone height, farther than a rig moves. Expected a whole inch or unit slip: read it again.',
    'front_not_lifted' => 'Coupling lifts the front: expected more than its alone height, :height. Read both again; is the jack right up?',
    'rear_not_dropped' => 'Coupling drops the rear: expected less than its alone height, :height. Read both again; is the jack right up?',
    'nothing_moved' => 'Both ends stand as alone, :height here: the weight is not on the ball. Is the jack right up, is levelling off, was this stance read?',
    'same_as_dropped' => 'The same as dropped at both ends: bars slack, or dropped typed in place of carried?',
    'front_not_brought_down' => 'The bars bring the front down: expected less than dropped, :height. Are dropped and carried swapped?',
    'rear_not_brought_up' => 'The bars bring the rear up: expected more than dropped, :height. Are dropped and carried swapped?',
    'sides_apart' => 'Left and right differ by :height. Read both again; is the ground level, and are the tyres at pressure?',
];
