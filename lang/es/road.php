<?php

declare(strict_types=1);

return [
    'sway_grew' => ['what' => 'Coleo que no se apaga', 'why' => 'Así no se remolca más. Demasiado poco en la lanza es lo primero que mirar; después, morro alto y una delantera ligera.'],
    'sway_control_slack' => ['what' => 'Control de coleo flojo o gastado', 'why' => 'Caras, levas y pastillas, y la tensión de las barras que los alimenta.'],
    'sway_settled_slowly' => ['what' => 'Coleo que se apaga despacio', 'why' => 'Parte en la lanza, morro y eje delantero, por este orden; después el propio control de coleo.'],
    'too_little_on_the_tongue' => ['what' => 'Demasiado poco en la lanza', 'why' => 'Pésela: por debajo del 10 % del bruto un remolque oscila mucho rato.'],
    'sway_in_wind' => ['what' => 'Coleo que se apagó enseguida', 'why' => 'Con viento fuerte para eso está el control de coleo; mírelo de todos modos.'],
    'sway_in_calm_air' => ['what' => 'Coleo que se apagó enseguida', 'why' => 'Mire el control de coleo: con aire en calma hay una causa.'],
    'front_light' => ['what' => 'Eje delantero ligero', 'why' => 'Las barras recuperan demasiado poco: mida otra vez con barras y haga la próxima acción.'],
    'front_heavy' => ['what' => 'Eje delantero pesado', 'why' => 'Las barras pueden recuperar más de lo que la delantera perdió: nunca por encima de su carga solo.'],
    'porpoising' => ['what' => 'Cabeceo', 'why' => 'Mucho en la lanza, muelles o amortiguadores traseros blandos, o barras demasiado blandas: mire la flexión de las barras y los límites.'],
    'porpoising_on_a_smooth_road' => ['what' => 'Un poco de cabeceo', 'why' => 'En carretera lisa merece una mirada: amortiguadores, neumáticos, flexión de las barras.'],
    'porpoising_on_a_rough_road' => ['what' => 'Un poco de cabeceo', 'why' => 'En una carretera así es habitual; amortiguadores y neumáticos merecen una mirada.'],
    'lorries_push' => ['what' => 'Los camiones empujan el conjunto', 'why' => 'Lo causan morro alto, una delantera ligera o un control de coleo flojo; también flancos de neumático blandos.'],
    'feel' => [
        'road' => ['asks' => 'Carretera', 'answers' => ['smooth' => 'Lisa', 'rough' => 'Irregular', 'ruts' => 'Rodadas']],
        'wind' => ['asks' => 'Viento', 'answers' => ['calm' => 'En calma', 'light' => 'Flojo', 'strong' => 'Fuerte, a ráfagas']],
        'lorries' => ['asks' => 'Camiones que pasan', 'answers' => ['none' => 'No hubo', 'felt' => 'Se notó, nada más', 'pushed' => 'Empujó el conjunto']],
        'steering' => ['asks' => 'Dirección', 'answers' => ['same' => 'Como solo', 'light' => 'Más ligera', 'heavy' => 'Más pesada']],
        'porpoising' => ['asks' => 'Cabeceo', 'answers' => ['none' => 'Ninguno', 'some' => 'Una o dos veces', 'much' => 'No paró']],
        'sway' => ['asks' => 'Coleo', 'answers' => ['none' => 'Ninguno', 'once' => 'Se apagó enseguida', 'few' => 'Se apagó tras unas oscilaciones', 'grew' => 'No se apagó, o creció']],
    ],
];
