<?php

declare(strict_types=1);

return [
    'over_restored' => ['what' => 'Eje delantero con demasiada carga recuperada', 'means' => 'Tiene cerca del :figure % de la carga perdida, o sea más que solo. La dirección se vuelve pesada y la parte trasera ligera.', 'remedy' => 'Menos tensión ya. No conduzca así.'],
    'broken' => ['what' => 'Límite superado: :broken', 'means' => 'Según el modelo, tal como está enganchado.', 'remedy' => 'Ningún ajuste vale un límite: menos carga, otras barras u otro enganche.'],
    'nose_up' => ['what' => 'Remolque de morro alto', 'means' => 'Unos :figure°. Colea antes.', 'remedy' => 'Baje el cabezal un agujero y ajuste otra vez la tensión.'],
    'slack_bars' => ['what' => 'Barras flojas', 'means' => 'Apenas se ven flexionadas: no llevan nada, y el control de coleo pierde su agarre.', 'remedy' => 'Más tensión; más inclinación donde se acaben los eslabones.'],
    'light_front' => ['what' => 'Eje delantero ligero', 'means' => 'Solo se recupera cerca del :figure % de la carga perdida. Dirige y frena menos.', 'remedy' => 'Más tensión: siga la próxima acción.'],
    'far_nose_down' => ['what' => 'Remolque muy de morro bajo', 'means' => 'Unos :figure°.', 'remedy' => 'Suba el cabezal un agujero y ajuste otra vez la tensión.'],
    'title' => 'Diagnóstico',
    'back' => 'Volver al banco',
    'none_yet' => 'Todavía no hay nada que diagnosticar.',
    'none_yet_next' => 'Mida el conjunto con barras: basta un guardabarros, un tique o el medidor. Vale cualquier orden: con barras, sin barras, solo.',
    'none' => 'No se encuentra nada mal.',
    'chance' => ':chance probable',
    'share' => ':share recuperado',
    'level_by' => 'nivelado, ± :doubt°',
    'nose_up_by' => ':degrees° ± :doubt morro alto',
    'nose_down_by' => ':degrees° ± :doubt morro bajo',
    'bent_by' => 'barras flexionadas :bend :doubt',
    'evidence' => [
        'each' => 'Indicio: :each.',
        'predicted' => 'Indicio: previsto a partir de todas las lecturas juntas.',
        'bars' => 'Indicio: la flexión de las barras que encaja con todas las lecturas. Mire las barras.',
        'trailer' => 'Indicio: altura o ángulo del acoplador, según se midió.',
        'trailer_predicted' => 'Indicio: previsto a partir de las alturas de guardabarros. Una altura del acoplador o un ángulo lo confirmaría.',
    ],
    'then' => 'Después de las acciones: :figure.',
    'at' => 'En :station',
    'moves' => 'Qué lo corrige',
    'expected' => 'Espere :share recuperado, el remolque :nose.',
    'looks' => 'Qué ahorraría mirar',
    'caution' => 'Nunca por encima de un límite, y el eje delantero nunca por encima de su carga solo. Una ayuda para medir, no un certificado: las fichas técnicas de los fabricantes van primero; en caso de duda, un taller autorizado.',
    'picture' => 'El conjunto según se midió',
];
