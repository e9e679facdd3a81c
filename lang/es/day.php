<?php

declare(strict_types=1);

// The line of a day.
return [
    'to_go' => 'faltan unos :mean min, de :least a :most',
    'foreseen' => 'unos :mean min, de :least a :most',
    'state' => ['waiting' => 'sin empezar', 'begun' => 'empezado', 'done' => 'entregado'],
    'next' => 'Siguiente: :title a las :at, :foreseen.',
    'next_without_time' => 'Siguiente: :title, aún sin hora, :foreseen.',
    'late' => ':title va con retraso: acabará probablemente a las :end.',
    'clash' => ':one y :other están en una misma bahía, o necesitan a la misma persona, a la vez.',
    'expected_time' => 'Se esperaba una hora como 13:45, o nada.',
    'expected_bay' => 'Se esperaba una bahía de 1 a 20 letras o cifras, o nada.',
    'expected_person' => 'Se esperaba alguien de la lista, o nadie.',
    'expected_day' => 'Se esperaba un día como 2026-05-04.',
    'saved' => 'Guardado.',
    'calendar_made' => 'Dirección creada. Quien la tenga ve sus trabajos.',
    'calendar_revoked' => 'Dirección revocada: ya no muestra nada.',
    'calendar_name' => 'Trabajos de :person',
    'event' => ':title, bahía :bay',
    'call' => ['booked' => 'Reservado', 'reached' => 'Localizado', 'no_answer' => 'Sin respuesta'],
    'called' => ':outcome, :person, :at',
];
