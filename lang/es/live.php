<?php

declare(strict_types=1);

// What a page's scripts say: handed to the page as they stand here, by key.
return [
    'sent_so_far' => 'Enviado: :percent %',
    'reading' => 'Leyendo …',
    'device_silent' => 'El servidor no responde. Escriba la cifra.',
    'device_moving' => 'La pantalla no se estabiliza. Escriba lo que marca.',
    'no_answer' => 'El servidor no responde. Lo que escribió queda aquí; guárdelo otra vez cuando vuelva la conexión.',
    'signed_out' => 'Su sesión ha terminado. Lo que escribió queda aquí; recargue la página y entre otra vez.',
    'refused' => 'El servidor no pudo hacerlo: aquello a lo que pertenece falta o ha cambiado. Lo que escribió queda aquí.',
    'failed' => 'El servidor no pudo hacerlo. Lo que escribió queda aquí.',
    'not_saved' => 'Sin guardar todavía',
    'waits' => 'Espera la conexión',
    'sent' => 'Enviado',
    'keeps_nothing' => 'Este navegador no guarda nada para después. Quédese en esta página y envíelo otra vez cuando vuelva la conexión.',
    'no_connection' => 'Sin conexión.',
    'page_stays' => 'Sin conexión. La página sigue abierta; lo que escriba espera aquí.',
    'one_waits' => ':trouble Una anotación espera aquí, en este navegador, y se envía cuando vuelva la conexión.',
    'many_wait' => ':trouble :count anotaciones esperan aquí, en este navegador, y se envían en orden cuando vuelva la conexión.',
    'not_taken' => 'Enviado, pero no guardado:',
    'not_taken_because' => '(:typed). :sentence',
    'seen' => 'Descartar',
    'kept_copy' => 'Sin conexión. Esta página se guardó a las :at: lo que muestra puede ser antiguo. Lo que escriba espera aquí.',
    'owner_no_connection' => 'Sin conexión. Esto es lo que dijo el taller la última vez que se abrió la página.',
    'owner_changed' => 'El taller ha cambiado algo desde su última visita. Esta página lo muestra.',
    'owner_closed' => 'El taller ha cerrado este enlace. Aquí ya no vale nada: pregunte al taller.',
    'owner_note_sent' => 'Enviado al taller.',
    'owner_note_waits' => 'Sin conexión. La nota espera en este teléfono y se envía cuando vuelva la conexión.',
];
