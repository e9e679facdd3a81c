<?php

declare(strict_types=1);

// What goes with the language itself: how its own readers call it, how it writes a number, in what order a day.
return [
    'or' => ' or ',
    'name' => 'English',
    'decimal' => '.',
    'day' => 'dddd D MMMM',
    'day_of_year' => 'dddd D MMMM YYYY',
    'inches' => 'inches and pounds, to :step',
    'millimetres' => 'millimetres and kilograms',
];
