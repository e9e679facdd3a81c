<?php

declare(strict_types=1);

return [
    'show' => [
        'back_to_brackets' => 'Volver a Soportes',
    ],
];
