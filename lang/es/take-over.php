<?php

declare(strict_types=1);

// A rig that arrived coupled, set by nobody knows whom.
return [
    'title' => 'Heredar un conjunto',
    'lead' => 'Llegó acoplado. Mida en orden inverso antes de mover nada: con barras, sin barras, solo. Después dos acciones lo corrigen: primero el cabezal, luego la tensión.',
    'back' => 'Guía: heredar un conjunto',
    'steps' => [
        'setting' => ['does' => 'Cuente el ajuste tal como está, en ambos lados.', 'why' => 'Nadie sabe cómo se ajustó: eslabones, agujeros o vueltas se pueden contar en el enganche.', 'go' => 'Anotar el ajuste'],
        'carried' => ['does' => 'Mida los guardabarros tal como está: primero delante.', 'why' => 'Ruede antes adelante y atrás. Las mismas personas en los mismos asientos en todos los estados.', 'go' => 'Medir con barras'],
        'nose' => ['does' => 'Lea el morro del remolque: altura del acoplador, o su ángulo.', 'why' => 'Muchas veces la bola está una posición del vástago demasiado baja mientras la delantera está bien.', 'go' => 'Leer acoplador o ángulo'],
        'dropped' => ['does' => 'Quite la tensión y mida otra vez los guardabarros.', 'why' => 'Suba el gato hasta que salga a mano. Calce antes.', 'go' => 'Medir sin barras'],
        'alone' => ['does' => 'Desacople y mida el vehículo solo.', 'why' => 'Peso en la bola antes de abrir el cierre.', 'go' => 'Medir solo'],
        'level' => ['does' => 'Nivele el remolque sobre su gato y mida el acoplador.', 'why' => 'Altura del chasis en dos marcas, delante y detrás de los ejes: cuando son iguales, el remolque está nivelado.', 'go' => 'Guardar'],
        'ball' => ['does' => 'Mida la bola tal como está, sin carga.', 'why' => 'Cabezal atornillado, vehículo solo.', 'go' => 'Guardar'],
    ],
    'done' => 'hecho',
    'next' => 'siguiente',
    'plan' => 'Dos acciones',
    'plan_waits' => 'Las acciones salen de estas medidas. Con menos de ellas son menos seguras; con las de con barras, sin barras y solo ya se pueden decir.',
    'no_move' => 'No hay que mover nada.',
    'head' => [
        'right' => 'La bola está donde debe, dentro de lo que da una cinta.',
        'low' => 'La bola está :by demasiado baja.',
        'high' => 'La bola está :by demasiado alta.',
        'stays' => 'El remolque queda bastante nivelado así: el cabezal se queda.',
        'place' => 'Atornille el cabezal :place: la bola queda entonces a :off de donde debe.',
        'beyond' => 'Sus agujeros no llegan: la bola quedaría todavía a :by. Dé la vuelta al vástago, o use otro.',
        'turn' => 'Dé la vuelta al vástago.',
        'record' => 'Anote el agujero, con el motivo si algo le estorba',
    ],
    'diagnosis' => 'Qué está mal, y con qué certeza',
];
