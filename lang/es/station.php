<?php

declare(strict_types=1);

// The stations: what is done there in order, and the caution at the hand. A family's own file may say it for its parts.
return [
    'steps' => 'Pasos',
    'of' => ':number de :many',
    'brief' => [
        'title' => 'Recepción',
        'picture' => 'El conjunto cargado como viaja',
        'steps' => [
            'Cargue el conjunto como viaja: personas, combustible, agua, bombonas de gas, batería, carga de la caja.',
            'Copie los límites de los rótulos de vehículo, remolque y enganche.',
            'Lea lo que dicen los fabricantes de vehículo, acoplador y chasis sobre el reparto de peso: va antes que cualquier costumbre.',
            'Diga qué pasa de un límite antes de medir nada.',
        ],
        'caution' => 'El reparto no sube ningún límite. Las fichas técnicas de los fabricantes y la ley local van primero.',
    ],
    'ground' => [
        'title' => 'Suelo',
        'picture' => 'Suelo llano, y un nivel entre las ruedas',
        'steps' => [
            'Ponga el conjunto en línea sobre suelo firme y llano.',
            'Ponga los neumáticos a su presión.',
            'Ponga la autonivelación a su altura normal y después apáguela. Baje los muelles de aire auxiliares al mínimo de su fabricante.',
        ],
        'caution' => 'Calce las ruedas. Freno del conductor puesto mientras el gato levanta la trasera del vehículo.',
    ],
    'alone' => [
        'title' => 'Solo',
        'picture' => 'La cinta del suelo al paso de rueda, a plomo sobre el eje',
        'steps' => [
            'Desacople el vehículo en el sitio llano donde medirá los tres estados, con las mismas personas en los mismos asientos.',
            'Ruede adelante y atrás para asentar los muelles.',
            'Mida con la cinta del suelo al paso de rueda, a plomo sobre cada eje.',
        ],
        'caution' => 'No se meta nunca bajo un conjunto sostenido por el gato de la lanza.',
    ],
    'head' => [
        'title' => 'Cabezal',
        'picture' => 'Altura de la bola y altura del acoplador, cada una desde el suelo',
        'steps' => [
            'Compruebe que la bola es de la medida del acoplador y que su límite cubre el peso bruto del remolque.',
            'Elija el agujero del vástago. Compruebe la holgura con el portón y los bajos.',
            'Empiece con más tensión del cabezal para un peso en la lanza cerca de lo alto de su margen, y menos cerca de lo bajo.',
        ],
        'caution' => 'Apriete al par de la ficha técnica del enganche, con llave: demasiado apretado es tan malo como flojo.',
    ],
    'brackets' => [
        'title' => 'Soportes',
        'picture' => 'El soporte a escuadra con el chasis, a su distancia de la bola',
        'steps' => [
            'Ponga los soportes a la distancia de la ficha técnica desde el centro de la bola, igual en ambos lados.',
            'Muévalos dentro de lo que admite la ficha técnica para librar una bandeja de bombonas o el gato.',
            'Barras rectas hacia atrás del cabezal antes de tomar un largo; un par es igual por sus marcas.',
            'Un perno de ajuste va en el agujero más cercano al chasis: gírelo hasta que toque, luego de un octavo a un cuarto de vuelta, según su ficha.',
        ],
        'caution' => 'Apriete al par de la ficha técnica del enganche, con llave.',
    ],
    'dropped' => [
        'title' => 'Sin barras',
        'picture' => 'El acoplador abajo sobre la bola, el gato subido del todo',
        'steps' => [
            'Acople, cierre y ponga el pasador. Suba el gato del todo, sin nada tensado.',
            'Ruede adelante y atrás para asentar los muelles.',
            'Mida otra vez los dos guardabarros: el delantero sube, el trasero baja.',
        ],
        'caution' => 'Calce antes de desacoplar. ¿Está el acoplador abajo del todo sobre la bola, y el gato sin tocar el suelo?',
    ],
    'bars-up' => [
        'title' => 'Barras puestas',
        'picture' => 'El lugar en uso contado, igual en ambos lados',
        'steps' => [
            'Levante vehículo y remolque juntos con el gato hasta que las barras entren casi a mano, en el mismo ajuste en ambos lados.',
            'Suba el gato hasta que libre el suelo, ruede adelante y atrás, y mida los dos guardabarros.',
            'Las barras deben verse flexionadas. Cambie una cosa y mida otra vez.',
        ],
        'caution' => 'Dedos lejos: las barras tensadas guardan mucha energía. Use la palanca, y suba más el gato si cuesta.',
    ],
    'prove' => [
        'title' => 'Comprobar',
        'picture' => 'Cada eje en su báscula',
        'steps' => [
            'Vehículo: sin morro bajo. Remolque: nivelado o un poco morro bajo, nunca morro alto.',
            'Holgura con el suelo, y todo dentro de su margen.',
            'Decide la báscula, donde la haya.',
        ],
        'caution' => 'Eje delantero nunca por encima de su carga solo, y nada por encima de un límite.',
    ],
    'sway-control' => [
        'title' => 'Control de coleo',
        'picture' => 'El remolque oscilando a los dos lados',
        'steps' => [
            'Compruebe el control de coleo, pieza por pieza.',
            'Busque lo que favorece el coleo: lanza, morro, eje delantero, neumáticos, carga.',
        ],
        'caution' => 'Una barra de fricción aparte se quita o se afloja antes de dar marcha atrás y en calzada resbaladiza, según su ficha técnica.',
    ],
    'hook-up-checks' => [
        'title' => 'Comprobaciones de enganche',
        'picture' => 'Cadenas de seguridad cruzadas bajo el acoplador, el cable de rotura al vehículo',
        'steps' => [
            'Cadenas de seguridad cruzadas y de la longitud correcta; pasador del acoplador puesto.',
            'Conector de siete polos, luces, frenos; pie del gato arriba, calzos fuera.',
            'Peldaños y puertas cerrados, todo lo de dentro asegurado.',
        ],
        'caution' => 'Cable de rotura al vehículo mismo, nunca a las cadenas de seguridad.',
    ],
    'road-test' => [
        'title' => 'Prueba en carretera',
        'picture' => 'El volante en la mano, después la llave otra vez',
        'steps' => [
            'Conduzca primero corto y despacio, después la carretera por la que viajará.',
            'Anote lo que notó: viento, camiones que pasan, dirección ligera, cabeceo, coleo.',
            'Par de apriete otra vez después del primer viaje, a la distancia de la ficha técnica.',
        ],
        'caution' => 'Si colea: suelte el acelerador, mantenga firme el volante, use solo los frenos del remolque si hay una palanca. Sin frenar fuerte, sin contravolantear.',
    ],
    'hand-over' => [
        'title' => 'Entregar',
        'picture' => 'La tarjeta, y el lugar marcado',
        'steps' => [
            'Marque el ajuste que se usa, en ambos lados.',
            'Entregue los ajustes, las alturas en tres estados y qué comprobar otra vez y cuándo.',
            'Muestre al cliente cómo enganchar y desenganchar, y qué hacer si colea.',
        ],
        'caution' => 'Las cifras son una ayuda para medir, no un certificado. En caso de duda, un taller autorizado.',
    ],
];
