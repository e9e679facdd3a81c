<?php

declare(strict_types=1);

/** The explainers: what each shows, what can be taken hold of, what its figures say. */
return [
    'coupling' => [
        'title' => 'Qué hace acoplar',
        'about' => 'La bola está detrás del eje trasero. Su carga aprieta la parte trasera hacia abajo y, como una palanca sobre ese eje, levanta la delantera.',
        'says' => 'El eje trasero lleva :rear_load: todo el peso en la lanza y lo que pierde el delantero. El eje delantero pierde :front_load, pues la bola está :lever de la distancia entre ejes detrás del eje trasero.',
    ],
    'bars' => [
        'title' => 'Qué hacen las barras',
        'about' => 'Las barras dobladas hacen palanca y quitan carga del eje trasero. Al hacerlo, el conjunto se endereza y las afloja: por eso un eslabón vale menos que su largo.',
        'says' => 'Un eslabón sube las barras :link, pero las dobla solo :bends_more más, pues el conjunto se endereza debajo. Vale :worth de la carga perdida del eje delantero.',
    ],
    'shares' => [
        'title' => 'Delante, detrás y remolque comparten',
        'about' => 'Lo que sale del eje trasero va al eje delantero y a los ejes del remolque, siempre en la misma proporción.',
        'says' => 'El delantero y el remolque se reparten lo que pierde el trasero como :ratio a 1, con cualquier ajuste: un tique de báscula que diga otra cosa tiene un error.',
    ],
    'head-and-tension' => [
        'title' => 'Altura del cabezal y tensión',
        'about' => 'Dos metas y dos palancas. La tensión devuelve su carga al eje delantero. La altura del cabezal nivela el remolque.',
        'says' => 'El eje delantero tiene de vuelta :share de su carga perdida. El remolque está :pitch. Mueva el cabezal para el remolque, los eslabones para la parte delantera: cada uno mueve un poco lo otro.',
    ],
    'tape' => [
        'title' => 'Error de cinta, y por qué rodar',
        'about' => 'La parte delantera sube menos de media pulgada. Una cinta leída un poco mal, o unos muelles que se pegan, pueden ocultar todo lo que hacen las barras.',
        'says' => 'Acoplar levanta esta parte delantera :front_rise. Leída :off mal, :truly recuperado parece :read. Medido como aquí, la parte vale a :share_doubt.',
    ],
    'levelling' => [
        'title' => 'Nivelación y aire',
        'about' => 'La nivelación automática y los muelles de aire suben la parte trasera, y así aflojan las barras. Sin barras no mueven carga ninguna.',
        'says' => 'Puestas sin ella, las barras recuperan :share_off. En carretera queda :share_on: :lost se fue al subir la parte trasera.',
    ],
    'tongue' => [
        'title' => 'Peso en la lanza, altura y depósitos',
        'about' => 'La carga delante del eje aprieta sobre la bola, el agua detrás la levanta. Una lanza más alta pesa menos, tanto más cuanto más alto el remolque.',
        'says' => 'Nivelada, la lanza pesa :level, :share del remolque. Tal como está acoplado, :on_ball están sobre la bola.',
    ],
    'sway' => [
        'title' => 'Coleo',
        'about' => 'En el orden en que se mira: demasiado poco en la lanza, un morro alto, un eje delantero ligero. La fricción solo amortigua lo que queda.',
        'says' => 'La lanza tiene :share del peso del remolque, el remolque está :pitch, el eje delantero :front_load. La fricción de las barras sujeta con :friction. Nada de esto hace segura una velocidad.',
    ],
    'knob' => [
        'tongue' => 'Peso en la lanza', 'overhang' => 'Del eje trasero a la bola', 'link' => 'Eslabones recogidos', 'hole' => 'Cabezal, agujeros desde nivel', 'off' => 'Leído mal', 'rolled' => 'Rodado antes de medir', 'readings' => 'Lecturas',
        'levelling' => 'Nivelación automática conectada', 'air' => 'El aire sube la parte trasera', 'cargo' => 'Carga delante del eje', 'water' => 'Agua detrás del eje', 'hitch' => 'Bola más alta', 'on' => 'sí', 'no' => 'no',
    ],
    'figure' => [
        'front_load' => 'Eje delantero', 'rear_load' => 'Eje trasero', 'front_rise' => 'Guardabarros delantero', 'rear_rise' => 'Guardabarros trasero', 'lever' => 'Voladizo entre distancia de ejes', 'bend' => 'Barras dobladas', 'bar_load' => 'Carga de una barra', 'share' => 'Carga del eje delantero recuperada',
        'link' => 'Un eslabón', 'bends_more' => 'Un eslabón más las dobla', 'worth' => 'Un eslabón más recupera', 'front_gain' => 'Al eje delantero', 'rear_gain' => 'Al eje trasero', 'trailer_gain' => 'Al remolque', 'ratio' => 'Delante a remolque',
        'pitch' => 'Remolque', 'ball' => 'Bola respecto a nivel', 'truly' => 'Recuperado de verdad', 'read' => 'Como se leyó', 'doubt' => 'Una altura vale a', 'share_doubt' => 'La parte vale a', 'front_lost' => 'Eje delantero, sin barras',
        'share_off' => 'Recuperado, nivelación desconectada', 'share_on' => 'Recuperado en carretera', 'lost' => 'Perdido en carretera', 'level' => 'Peso en la lanza, nivelado', 'on_ball' => 'Sobre la bola, acoplado', 'friction' => 'Fricción alrededor de la bola',
    ],
    'tongue_share' => 'Parte en la lanza',
    'note' => [
        'slack' => 'Las barras cuelgan rectas y no llevan nada.', 'over' => 'Más allá de la vuelta completa: la parte delantera pesa más que solo. Quite tensión.', 'under' => 'Muy poco: más tensión.', 'in_range' => 'Dentro del margen.',
        'nose_up' => 'Morro alto: bajar el cabezal.', 'nose_down' => 'Morro muy bajo: subir el cabezal.', 'level' => 'El remolque está nivelado.', 'rolled' => 'Rodado: los muelles se han asentado.', 'not_rolled' => 'Sin rodar: los muelles se quedan donde pararon.',
        'levelled' => 'La nivelación mantiene alta la parte trasera y afloja las barras.', 'air' => 'Los muelles de aire suben la parte trasera y aflojan las barras.', 'off' => 'La nivelación está apagada, tal como se ajustan las barras.',
        'light_tongue' => 'Menos del 10 %: esto favorece el coleo. Mueva carga hacia delante.', 'heavy_tongue' => 'Más del 15 %: vigile los límites.', 'usual_tongue' => 'Dentro del 10 al 15 % habitual.',
    ],
    'pitch' => ['up' => ':angle morro alto', 'down' => ':angle morro bajo', 'level' => 'nivelado'],
    'links' => ':count',
];
