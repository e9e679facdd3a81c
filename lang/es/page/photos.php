<?php

declare(strict_types=1);

return [
    'show' => [
        'photos' => 'Fotos',
        'back_to_the_bench' => 'Volver al banco',
        'it_shows' => 'Muestra',
        'photo' => 'Foto',
        'it_is_made_smaller_and' => 'Se reduce de tamaño y se le quita la ubicación. Necesita conexión.',
        'save_photo' => 'Guardar foto',
        'no_photo_yet' => 'Todavía no hay ninguna foto.',
        'the_placards_at_the_brief' => 'Los rótulos al recibirlo, las arandelas en el cabezal, la marca en el eslabón al entregarlo: están aquí en la visita de vuelta.',
        'delete_photo' => 'Borrar la foto',
        'photos_2' => 'Fotos, :title',
    ],
];
