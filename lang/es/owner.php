<?php

declare(strict_types=1);

// What an owner is told beside the card.
return [
    'expected_a_note' => 'Se esperaba una nota de 1 a :most caracteres.',
    'sent' => 'Enviado al taller.',
];
