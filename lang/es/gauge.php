<?php

declare(strict_types=1);

// The gauge in a head whose screw tensions the bars.
return [
    'head' => '{0} Atornille el cabezal :place, sin ningún agujero a la vista por encima: la bola queda entonces a :height del suelo.|{1} Atornille el cabezal :place, con un agujero a la vista por encima: la bola queda entonces a :height del suelo.|[2,*] Atornille el cabezal :place, con :count agujeros a la vista por encima: la bola queda entonces a :height del suelo.',
    'bolted' => 'Última anotación: :place, en :job.',
    'title' => 'Medidor en el cabezal',
    'target' => 'Objetivo en el medidor',
    'range' => 'de :from a :to',
    'restores' => 'Recupera cerca del :share de la carga del eje delantero.',
    'makers_restores' => 'La cifra del fabricante; recupera cerca del :share de la carga del eje delantero.',
    'computed' => 'Del peso en la lanza, :tongue, y tres longitudes: de eje trasero a bola :overhang, de bola a punto de enganche :arm, de bola a eje del remolque :axle.',
    'makers' => 'La cifra del fabricante del enganche, que manda. La nuestra sería :ours.',
    'makers_field' => 'Cifra del fabricante',
    'makers_hint' => 'De la aplicación u hoja del fabricante; manda donde se anote.',
    'tongue' => 'Sin barras, el medidor marca el peso en la lanza: :tongue. Objetivo con las barras puestas: :target.',
    'restored' => 'Carga del eje delantero recuperada: :share. :move',
    'at_target' => 'El medidor está en su objetivo: deje el husillo.',
    'tighter' => 'Apriete el husillo :turns.',
    'looser' => 'Afloje el husillo :turns.',
    'order' => [
        'grease' => 'Engrase el husillo.',
        'jack' => 'Suba el gato hasta que libre el suelo.',
        'turn' => 'Gire mirando el medidor.',
    ],
    'minute' => 'Sin otra prueba: cosa de un minuto.',
    'shows' => 'El medidor marca',
    'turned' => 'Girado desde la última lectura',
    'turned_hint' => 'Vueltas apretadas; aflojado va por debajo de 0. Déjelo vacío si no se giró.',
    'save' => 'Guardar la lectura del medidor',
    'past_the_rating' => 'Este objetivo carga cada barra con cerca de :bar, por encima de su límite de :rating. No gire hasta ahí: compruebe la cifra, el peso en la lanza y las barras.',
    'below_the_tongue' => 'El objetivo, :target, es menos de lo que lleva la bola sin ninguna barra. Compruebe la cifra y su unidad.',
    'less_loaded' => 'El medidor marca menos con las barras puestas, :on, que sin ellas, :off. Las barras añaden carga entre bola y acoplador. ¿Está el gato arriba del todo, y se leyeron los dos, sin barras y con barras?',
    'another_load' => 'La cifra del fabricante, :figure, se dio para otro vehículo, remolque o carga. Consulte de nuevo su tabla para esta; hasta entonces el objetivo es el nuestro.',
    'past_full_return' => 'Con este objetivo el eje delantero llevaría más que solo: cerca del :share devuelto. Más que la devolución completa quita carga al eje trasero, que estabiliza el conjunto. Compare la cifra con las hojas del enganche y del vehículo.',
    'today' => [
        'heading' => 'El indicador hoy',
        'how' => 'La lanza pesa distinto en cada salida. Enganchado, gato arriba, barras quitadas: lea el indicador.',
        'shows' => 'El indicador muestra, sin barras',
        'target' => 'Con las barras, gire hasta cerca de',
        'makers' => 'Según el peso en la bola y las medidas de este conjunto. Si el fabricante del enganche da una cifra para esta carga, siga al fabricante.',
    ],
];
