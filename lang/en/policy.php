<?php

declare(strict_types=1);

return [
    'forbids' => 'The vehicle\'s maker forbids weight distribution: leave the bars off.',
    'range' => 'The vehicle\'s maker asks for :from to :to % of the front axle load restored. This governs the shop\'s range.',
    'range_missing' => 'The vehicle\'s maker has a range of its own: enter it for the vehicle.',
    'weight_missing' => 'The vehicle\'s maker requires weight distribution above a trailer weight: enter it for the vehicle.',
    'required_above' => 'The vehicle\'s maker requires weight distribution above :from. This trailer, :gross, may go without.',
    'required' => 'The vehicle\'s maker requires weight distribution above :from. This trailer weighs :gross.',
];
