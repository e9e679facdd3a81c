<?php

declare(strict_types=1);

return [
    'show' => [
        'as_of' => 'Del taller, a fecha de :made.',
        'no_setting_yet' => 'El taller todavía no ha anotado un ajuste. Cuando lo haga, esta página dirá qué poner para su carga.',
        'todays_load' => 'La carga de hoy',
        'against_the_set_up' => 'Frente al día en que se ajustó: ¿qué hay de más, o de menos, hoy?',
        'less' => ':what: menos',
        'more' => ':what: más',
        'show_answer' => 'Mostrar la respuesta',
        'answer' => 'Para esta carga',
        'small_adjuster_only' => 'Para una carga se mueve solo el ajuste pequeño. Las arandelas y el cabezal se quedan como los puso el taller.',
        'two_heights' => 'Compruebe dos alturas',
        'how_to_measure' => 'Acoplado, con barras, gato arriba, en suelo llano. Ruede adelante y atrás y mida del suelo al borde del paso de rueda, sobre el eje.',
        'front' => 'Guardabarros delantero',
        'rear' => 'Guardabarros trasero',
        'lower' => 'Más baja',
        'higher' => 'Más alta',
        'check_heights' => 'Comprobar alturas',
        'procedures' => 'Paso a paso',
        'due' => 'Pendiente',
        'card' => 'Tarjeta',
        'on_paper' => 'Tarjeta para imprimir',
        'note' => 'Nota al taller',
        'note_hint' => 'Sin conexión espera en este teléfono y se envía después.',
        'send' => 'Enviar nota',
        'disclaimer' => 'Una ayuda para medir, no un certificado. Las instrucciones de los fabricantes y la ley local van primero. En caso de duda, pare y pregunte a un taller autorizado.',
    ],
    'procedure' => [
        'done_of' => ':done de :all hechos',
        'start_over' => 'Empezar de nuevo',
        'back' => 'Volver a la tarjeta',
    ],
];
