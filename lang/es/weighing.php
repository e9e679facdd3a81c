<?php

declare(strict_types=1);

return [
    'at' => ':setting: :says',
    'changes_drawn' => 'Lo que cada eje lleva de más o de menos que solo, montaje por montaje; las cifras están en la tabla de arriba',
    'counted' => '{1} Pesado una vez, el :last.|[2,*] Pesado :count veces, la última el :last.',
    'example_kg' => "delantero 1460\ntrasero 1190\nremolque 2780",
    'example_lb' => "delantero 3220\ntrasero 2620\nremolque 6120",
    'alone_heavier_than_coupled' => 'El vehículo pesa más solo que con el remolque encima: tiques cambiados, o un remolque que levanta su lanza.',
    'kilograms_for_pounds' => 'El remolque pesa menos de la mitad de lo que dice su ficha técnica: ¿kilogramos escritos como libras?',
    'pounds_for_kilograms' => 'El remolque pesa más del doble de lo que dice su ficha técnica: ¿libras escritas como kilogramos?',
    'heavier_carried' => 'El conjunto pesa :load más con barras que sin barras: las barras mueven carga, no la crean. Un eje estaba a medias en su plataforma, alguien subió, o se cargó equipo o agua.',
    'lighter_carried' => 'El conjunto pesa :load menos con barras que sin barras: las barras mueven carga, no la quitan. Un eje estaba a medias en su plataforma, alguien bajó, se quitó equipo o se gastó combustible.',
    'front_lost_load' => 'El eje delantero perdió carga de sin barras a con barras: los dos cambiados, o delantero y trasero en plataformas equivocadas.',
    'front_unchanged' => 'Sin barras y con barras pesan lo mismo delante: ¿se dejaron las barras puestas, o quitadas, las dos veces?',
    'gains_out_of_proportion' => 'La delantera ganó :load y el remolque :other; con estas longitudes se esperaba :expected. Un eje estaba en una plataforma equivocada, o se escribió mal.',
];
