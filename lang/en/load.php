<?php

declare(strict_types=1);

return [
    'nothing_yet' => 'Nothing is hooked up and measured yet. The small move shows after the first hook-up.',
    'beyond_small_steps' => 'No small step brings this load into range: set it up again, with washers and head.',
];
