<?php

declare(strict_types=1);

return [
    'show' => [
        'day' => 'Día',
        'before' => 'Día anterior',
        'after' => 'Día siguiente',
        'today' => 'Hoy',
        'line' => 'Línea del día',
        'drag' => 'Arrastre un trabajo, o muévalo con las flechas: un cuarto de hora a izquierda y derecha, otra bahía arriba y abajo.',
        'bay_number' => 'Bahía :bay',
        'bay' => 'Bahía',
        'time' => 'Hora',
        'person' => 'Persona',
        'save' => 'Guardar',
        'no_jobs' => 'No hay ningún trabajo reservado para este día.',
        'start_a_job' => 'Empezar un trabajo',
        'on_day' => 'Día',
        'calls' => 'Llamadas pendientes',
        'calendar' => 'Mi calendario',
        'at_bay' => ':title, :at, bahía :bay',
    ],
    'calendar' => [
        'made' => 'Creada :made',
        'once' => 'Esta es la dirección. Solo se muestra esta vez: cópiela ahora.',
        'title' => 'Mi calendario',
        'lead' => 'Una dirección privada para un programa de calendario: muestra los trabajos que son suyos y se consulta sola cada cierto tiempo. Anúlela si se pierde un aparato.',
        'make' => 'Crear una dirección',
        'revoke' => 'Anular la dirección',
        'revoked' => 'Creada :made, anulada :revoked',
    ],
    'calls' => [
        'title' => 'Llamadas pendientes',
        'lead' => 'Conjuntos con algo pendiente, cuyo propietario no ha sido localizado últimamente.',
        'nobody' => 'No hay que llamar a nadie.',
        'no_customer' => 'No se guarda ningún cliente con este conjunto.',
        'due' => 'Pendiente',
        'last' => 'Última llamada',
        'add_customer' => 'Añadir cliente',
    ],
];
