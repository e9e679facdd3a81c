<?php

declare(strict_types=1);

// What goes with the language itself: how its own readers call it, how it writes a number, in what order a day.
return [
    'or' => ' o ',
    'name' => 'Español',
    'decimal' => ',',
    'day' => 'dddd D [de] MMMM',
    'day_of_year' => 'dddd D [de] MMMM [de] YYYY',
    'inches' => 'pulgadas y libras, a :step',
    'millimetres' => 'milímetros y kilogramos',
];
