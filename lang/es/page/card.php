<?php

declare(strict_types=1);

return [
    'body' => [
        'needs_attention' => 'requiere atención',
        'done' => 'hecho el :on',
        'not_recorded' => 'sin anotar',
        'setting' => 'Ajuste',
        'on_both_sides_mark_it' => 'en ambos lados. :counting Márquelo.',
        'ball_unloaded' => 'Bola, sin carga',
        'torques_from_the_data_sheet' => 'Pares de apriete, de la ficha técnica',
        'tyre_pressures_cold' => 'Presiones de neumáticos, en frío',
        'fender' => 'Guardab. :axle',
        'check_again' => 'Comprobar otra vez',
        'when' => 'Cuándo',
        'cautions' => 'Precauciones.',
        'if_it_sways' => 'Si colea.',
        'set_up_an_aid_to' => 'Ajustado el :booked_on. Una ayuda para medir, no un certificado. Las instrucciones de los fabricantes y la ley local van primero; en caso de duda, un taller autorizado.',
    ],
    'closed' => [
        'link_closed' => 'Enlace cerrado',
        'this_link_is_closed' => 'Este enlace está cerrado',
        'it_has_ended_was_revoked' => 'Ha caducado, se anuló o está incompleto. Pida uno nuevo al taller que ajustó su conjunto.',
    ],
    'pdf' => [
        'on_the_phone' => 'Esta tarjeta en el teléfono, y el ajuste para otras cargas',
        'card' => 'Tarjeta, :title',
    ],
    'show' => [
        'units' => 'Unidades para el propietario',
        'language' => 'Idioma para el propietario',
        'ended' => 'caducado',
        'revoked' => 'revocado el :at',
        'notes' => 'Notas del propietario',
        'seen_by' => 'Vista por :person',
        'on_the_phone' => 'Esta tarjeta en el teléfono: apunte aquí con su cámara.',
        'to_the_page' => 'Volver a la página',
        'pdf' => 'PDF, :paper',
        'to_the_bench' => 'Al banco',
        'print_the_card' => 'Imprimir la tarjeta',
        'the_rig_as_it_was' => 'El conjunto según se entregó',
        'private_links' => 'Enlaces privados',
        'private_links_for_the_owner' => 'Enlaces privados para el propietario',
        'whoever_has_the_link_sees' => 'Quien tenga el enlace ve esta tarjeta y los procedimientos del conjunto, sin entrar con cuenta, durante dos años o hasta que se anule.',
        'link_made' => 'Enlace creado :made_at',
        'revoke_link' => 'Anular el enlace',
        'made' => 'Creado :made_at, :revoked_at.',
        'create_a_link' => 'Crear un enlace',
        'card' => 'Tarjeta, :title',
    ],
];
