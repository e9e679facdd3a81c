<?php

declare(strict_types=1);

// The procedures: what to do, why, the caution at the hand, what the helper calls.
return [
    'not_ticked' => 'Guardado hasta aquí. Sin marcar todavía: :step',
    'tools' => [
        'label' => 'Tenga a mano:',
        'chocks' => 'calzos',
        'gloves' => 'guantes',
        'lift_tool' => 'palanca de barras',
        'board' => 'una tabla para el gato',
        'torch' => 'linterna',
        'wrenches' => 'llaves del cabezal',
        'marker' => 'rotulador',
        'tape' => 'cinta',
        'gauge' => 'manómetro',
        'marks' => 'dos marcas',
        'level' => 'nivel',
        'wrench' => 'una llave dinamométrica que lea de :from a :to',
        'wrench_one' => 'una llave dinamométrica que lea :from',
    ],
    'title' => [
        'hook-up' => 'Enganchar',
        'change-setting' => 'Cambiar el ajuste',
        'departure' => 'Dar la vuelta antes de salir',
        'reversing' => 'Marcha atrás',
        'arrival' => 'Llegar',
        'unhitch' => 'Desenganchar',
    ],
    'question' => [
        'ground' => [
            'asks' => '¿Sobre qué se apoya el gato?',
            'answers' => ['firm' => 'Suelo firme', 'soft' => 'Suelo blando'],
        ],
        'brakes' => [
            'asks' => '¿Tiene el remolque frenos propios?',
            'answers' => ['yes' => 'Sí', 'no' => 'No'],
        ],
        'jack' => [
            'asks' => '¿Cómo se mueve el gato de la lanza?',
            'answers' => ['manual' => 'A mano', 'electric' => 'Eléctrico'],
        ],
        'bars_off_to_reverse' => [
            'asks' => '¿Pide la ficha técnica del enganche quitar las barras antes de dar marcha atrás?',
            'answers' => ['yes' => 'Sí', 'no' => 'No'],
        ],
        'plate' => [
            'asks' => '¿Está recta la placa bajo la bola?',
            'answers' => ['straight' => 'Recta', 'turned' => 'Girada'],
        ],
        'change' => [
            'asks' => '¿Qué se cambia?',
            'answers' => ['small' => 'El paso pequeño: la tensión', 'head' => 'El cabezal: su agujero o su inclinación'],
        ],
        'friction_bar' => [
            'asks' => '¿Hay una barra de fricción aparte?',
            'answers' => ['yes' => 'Sí', 'no' => 'No'],
        ],
    ],
    'signal' => [
        'back' => ['name' => 'atrás', 'moves' => 'las dos manos llaman por encima de los hombros'],
        'forward' => ['name' => 'adelante', 'moves' => 'las dos manos empujan hacia fuera'],
        'tail-left' => ['name' => 'cola hacia la izquierda del conductor', 'moves' => 'un brazo señala, el otro llama'],
        'tail-right' => ['name' => 'cola hacia la derecha del conductor', 'moves' => 'un brazo señala, el otro llama'],
        'slow' => ['name' => 'despacio', 'moves' => 'las dos palmas empujan hacia abajo'],
        'stop' => ['name' => 'alto', 'moves' => 'los dos brazos cruzados sobre la cabeza, quietos'],
    ],
    'picture' => [
        'latch' => 'El acoplador abajo del todo sobre la bola, su cierre cerrado, un pasador a través',
        'lift' => 'El gato levanta juntas la lanza y la trasera del vehículo',
        'chain-sides' => 'Desde atrás: la cadena rodea lados opuestos de los dos cierres',
        'square' => 'La cadena cuelga sin torcer, a escuadra con el chasis',
        'cross' => 'Desde arriba: las cadenas de seguridad se cruzan bajo el acoplador',
        'breakaway' => 'El cable de rotura del remolque al vehículo mismo, aparte de las cadenas',
        'plate' => 'La placa bajo la bola, el pasador a través, una cadena a cada lado',
        'blocks' => 'El chasis del remolque sobre tacos, el gato sin tocar el suelo',
        'screw' => 'El husillo en el cabezal, y su medidor',
        'tug' => 'Unas manos tiran de la barra hacia abajo y de lado entre su alojamiento y su soporte',
    ],
    'outcome' => ['done' => 'hecho', 'left out' => 'omitido'],
    'steps' => [
        'hook-up' => [
            'chocks' => [
                'does' => 'Calce las ruedas del remolque en ambos lados.',
                'why' => 'Puede rodar en cuanto el gato lleva la lanza.',
            ],
            'pad' => [
                'does' => 'Ponga una base ancha bajo el pie del gato, con el lado largo hacia delante y atrás. Una sola, nunca una pila.',
                'why' => 'En suelo blando el pie se hunde y se inclina cuando el gato levanta. En suelo firme la base le ahorra al gato el final de su recorrido.',
            ],
            'head' => [
                'does' => 'Ponga el cabezal en el receptor, con pasador y grapa. Compruebe que la bola es de la medida del acoplador.',
                'why' => 'El agujero del vástago está en la tarjeta: atornille en el mismo agujero un cabezal que estaba guardado.',
            ],
            'levelling-off' => [
                'does' => 'Ponga la autonivelación a su altura normal y después apáguela.',
                'why' => 'Encendida, levanta la trasera mientras se ponen las barras, y cambia el ajuste.',
            ],
            'crank' => [
                'does' => 'Suba el acoplador con el gato hasta que libre la bola. Abra su cierre.',
                'why' => 'Pare antes del final del recorrido: un gato forzado más allá se estropea.',
                'caution' => 'Nunca bajo un remolque sostenido por su gato.',
            ],
            'button' => [
                'does' => 'Suba el acoplador con el gato hasta que libre la bola. Abra su cierre. Tenga la manivela a mano.',
                'why' => 'Sus botones dicen subir y bajar, o extender y recoger: pruébelos antes. Un gato eléctrico se atasca al final de su recorrido: suelte antes. Se queda donde está cuando se agota la batería.',
                'caution' => 'Nunca bajo un remolque sostenido por su gato.',
            ],
            'back' => [
                'does' => 'Lleve la bola despacio marcha atrás bajo el acoplador, con el ayudante en el espejo.',
                'why' => 'El ayudante está junto a la lanza, nunca entre vehículo y remolque.',
                'caution' => 'Nadie entre vehículo y remolque mientras se mueve. Si pierde de vista al ayudante, pare.',
                'calls' => 'Atrás … izquierda … derecha … despacio … alto',
                'alone' => 'Ponga una marca en el suelo junto al camino de la bola y otra en la lanza que vea por el espejo; retroceda un poco, pare, baje y mire. Freno puesto cada vez.',
            ],
            'park' => [
                'does' => 'Ponga el freno del conductor, la posición de aparcado, y pare el motor.',
                'caution' => 'El freno sigue puesto mientras el gato levanta la trasera del vehículo.',
            ],
            'couple' => [
                'does' => 'Cierre abierto, la bola un poco hacia el frente del acoplador: baje el acoplador del todo sobre la bola. Cierre el cierre y ponga su pasador.',
                'why' => 'Un acoplador que solo se apoya encima de la bola se sale en el primer bache. Con la bola al fondo de su alojamiento el cierre no cierra.',
                'caution' => 'Dedos fuera de debajo del acoplador. El cordón del enchufe no debe quedar entre acoplador y bola.',
            ],
            'prove' => [
                'does' => 'Suba un poco con el gato: la trasera del vehículo debe subir con la lanza.',
                'why' => 'Eso demuestra que el cierre sujeta.',
                'caution' => 'Freno del conductor puesto, calzos en su sitio.',
            ],
            'plate-turned' => [
                'does' => 'Afloje las tuercas de un lado hasta que la placa vuelva. O deje caer el peso sobre la bola y haga un giro cerrado, despacio, hasta que quede recta.',
                'why' => 'La placa se queda girada si el conjunto se desenganchó en ángulo.',
                'caution' => 'Cuente los hilos que afloja y vuélvalos a poner. Nadie entre vehículo y remolque mientras se mueve.',
            ],
            'lift' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras entren casi a mano.',
                'why' => 'Cuanto más levanta el gato, menos fuerza piden las manos y la palanca.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza. Levante las barras con las piernas, no con la espalda.',
            ],
            'threads' => [
                'does' => 'Compruebe que las tuercas de ambos lados están en sus hilos marcados. Para enganchar no se giran.',
                'why' => 'Bajar el gato tensa las cadenas al mismo ajuste cada vez.',
            ],
            'tug' => [
                'does' => 'Tire de cada barra: debe estar firme en su alojamiento y donde se engancha, las dos igual de tensas.',
                'why' => 'Una barra que solo parece encajada se sale en la carretera.',
                'caution' => 'Tire desde el lado, sin ninguna mano bajo la barra.',
            ],
            'same' => [
                'does' => 'Compruebe que los dos lados están en la marca: cuente otra vez, desde el mismo extremo.',
                'why' => 'Unos lados desiguales sacan el remolque de la línea.',
                'calls' => 'Izquierda … derecha',
            ],
            'jack-up' => [
                'does' => 'Suba el gato del todo y quite su pie o su rueda.',
                'why' => 'El peso en el gato falta en la bola, y un pie bajo golpea la carretera.',
            ],
            'bend' => [
                'does' => 'Compruebe las barras: las dos muestran la misma flexión.',
                'why' => 'Una barra recta no lleva nada.',
            ],
            'friction' => [
                'does' => 'Monte la barra de fricción aparte y ponga su palanca como dice su ficha técnica.',
                'why' => 'Quítela o aflójela antes de dar marcha atrás y en calzada resbaladiza, según su ficha técnica.',
            ],
            'chains' => [
                'does' => 'Cruce las cadenas de seguridad bajo el acoplador: con holgura para girar, sin tocar la carretera.',
                'why' => 'Las cadenas de seguridad cruzadas recogen la lanza si se sale el acoplador.',
                'caution' => 'Si sobran: acórtelas con un enganche más corto, o girándolas no más de lo que permite su hoja. Un cabezal largo las deja cortas: alárguelas con piezas cuyo límite cubra el remolque. El cable de rotura va aparte.',
            ],
            'breakaway' => [
                'does' => 'Enganche el cable de rotura al vehículo mismo.',
                'why' => 'Si se sale el enganche, las cadenas de seguridad pueden salirse con él. El cable aplica entonces los frenos.',
                'caution' => 'Nunca a las cadenas de seguridad, nunca al cabezal.',
            ],
            'plug' => ['does' => 'Enchufe el conector de siete polos. Su cable no toca la carretera y es lo bastante largo para girar.'],
            'lights' => [
                'does' => 'Compruebe las luces: el ayudante, detrás, dice cuáles están encendidas.',
                'calls' => 'Posición … freno … izquierda … derecha … marcha atrás',
                'alone' => 'Mire las luces en una ventana o pared detrás, o en un espejo que ponga allí; sujete el pedal de freno con un puntal, o use las luces de emergencia para izquierda y derecha.',
            ],
            'no-brakes' => [
                'does' => 'El remolque no tiene frenos: deje el doble de distancia para parar.',
                'why' => 'El vehículo tiene que parar a los dos. La ley local limita el peso de un remolque así.',
            ],
            'chocks-out' => ['does' => 'Quite los calzos y guárdelos.'],
            'gain' => [
                'does' => 'Ajuste la ganancia del mando de freno. A paso de persona aplique a mano los frenos del remolque.',
                'why' => 'Deben parar el conjunto con firmeza y en línea, sin bloquear.',
            ],
            'levelling-on' => [
                'does' => 'Encienda otra vez la autonivelación si su fabricante la pide al remolcar.',
                'why' => 'Baja la parte recuperada; el ajuste lo tiene en cuenta.',
            ],
        ],
        'change-setting' => [
            'in-line' => ['does' => 'Ponga el conjunto en línea, en el sitio llano donde se mide.'],
            'chocks' => ['does' => 'Calce las ruedas del remolque en ambos lados.'],
            'park' => ['does' => 'Ponga el freno del conductor, la posición de aparcado, y pare el motor.'],
            'jack-away' => [
                'does' => 'Suba el gato del todo: el conjunto queda acoplado y cargado.',
                'why' => 'El peso en el gato falta en la bola, y el medidor lo mostraría.',
            ],
            'lift' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras estén flojas.',
                'why' => 'Si cuesta, suba más el gato.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza. Levante las barras con las piernas, no con la espalda.',
            ],
            'lift-off' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras estén flojas.',
                'why' => 'Si cuesta, suba más el gato.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza. Levante las barras con las piernas, no con la espalda.',
            ],
            'uncouple' => [
                'does' => 'Baje hasta que algo de peso se apoye en la bola, abra el cierre y suba después el acoplador con el gato hasta que libre la bola.',
                'caution' => 'Calce antes de desacoplar. Peso en la bola antes de abrir el cierre. Nunca bajo un remolque sostenido por su gato.',
            ],
            'bolts' => [
                'does' => 'Saque los pernos del cabezal, muévalo lo que diga la próxima acción y vuelva a poner los pernos.',
                'why' => 'Anote el agujero y la inclinación nuevos antes que nada. La bola queda derecha o un poco hacia atrás, nunca hacia delante.',
                'caution' => 'El cabezal pesa: levante con las piernas, y dedos fuera de los agujeros.',
            ],
            'torque' => [
                'does' => 'Apriete los pernos con llave dinamométrica al par de la ficha técnica.',
                'why' => 'Demasiado apretado es tan malo como flojo. Fijador donde la ficha lo pida.',
            ],
            'couple' => [
                'does' => 'Acople otra vez: acoplador abajo del todo, cierre cerrado y con pasador.',
                'caution' => 'El cordón del enchufe no debe quedar entre acoplador y bola.',
            ],
            'lift-on' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras entren casi a mano.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza.',
            ],
            'same' => [
                'does' => 'Cuente el ajuste nuevo en ambos lados, desde el mismo extremo.',
                'why' => 'Unos lados desiguales sacan el remolque de la línea.',
            ],
            'jack-up' => [
                'does' => 'Suba el gato del todo.',
                'why' => 'El peso en el gato falta en la bola.',
            ],
            'tug' => [
                'does' => 'Tire de cada barra: debe estar firme en su alojamiento y donde se engancha.',
                'caution' => 'Tire desde el lado, sin ninguna mano bajo la barra.',
            ],
            'measure' => [
                'does' => 'Quite los calzos, ruede adelante y atrás y mida otra vez los dos guardabarros.',
                'why' => 'Los muelles se pegan donde se movieron por última vez: rodar los suelta.',
            ],
            'record' => ['does' => 'Anote la prueba en el banco: el ajuste, y lo que se midió.'],
        ],
        'departure' => [
            'inside' => ['does' => 'Asegure puertas, cajones y todo lo que pueda deslizarse. Cierre el gas en la bombona.'],
            'load' => [
                'does' => 'Compruebe que la carga es aquella para la que se ajustó: depósitos, bicicletas, personas.',
                'why' => 'Otra carga necesita otro ajuste: el planificador de carga dice cuál.',
            ],
            'steps' => ['does' => 'Suba peldaños y patas, recoja el toldo, cierre claraboyas y ventanas.'],
            'coupler' => ['does' => 'Compruebe el acoplador: cerrado y con pasador, gato arriba del todo.'],
            'bars' => ['does' => 'Compruebe las barras: en la marca en ambos lados, pasadores puestos.'],
            'threads' => ['does' => 'Compruebe las cadenas de tensión: las dos en los hilos contados.'],
            'chains' => ['does' => 'Compruebe las cadenas de seguridad: cruzadas, sin tocar la carretera.'],
            'breakaway' => [
                'does' => 'Compruebe el cable de rotura: enganchado al vehículo mismo, su clavija en el interruptor.',
                'caution' => 'Nunca a las cadenas de seguridad.',
            ],
            'lights' => [
                'does' => 'Compruebe el enchufe y las luces: el ayudante dice cuáles están encendidas.',
                'calls' => 'Posición … freno … izquierda … derecha',
                'alone' => 'Mírelas en una ventana o pared detrás, o en un espejo que ponga allí.',
            ],
            'tyres' => [
                'does' => 'Compruebe presiones de neumáticos y tuercas de rueda.',
                'why' => 'Un neumático del remolque flojo deja vagar la cola del remolque.',
            ],
            'chocks' => ['does' => 'Quite los calzos y guárdelos.'],
            'mirrors' => ['does' => 'Compruebe los espejos: los dos lados del remolque a la vista.'],
            'gain' => ['does' => 'A paso de persona aplique a mano los frenos del remolque: con firmeza y en línea.'],
        ],
        'reversing' => [
            'friction' => [
                'does' => 'Quite la barra de fricción aparte, o aflójela, según su ficha técnica.',
                'why' => 'Se dobla cuando el conjunto se pliega en marcha atrás.',
            ],
            'chock-first' => [
                'does' => 'Pare en línea y nivelado. Ponga el freno del conductor y calce las ruedas del remolque en ambos lados.',
            ],
            'lift' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras estén flojas.',
                'why' => 'Una barra cargada salta.',
                'caution' => 'Nadie bajo la lanza.',
            ],
            'jack-up' => ['does' => 'Suba el gato del todo y quite los calzos.'],
            'walk' => ['does' => 'Recorra antes el camino a pie: mire el suelo, la altura, los cables y lo que hay detrás.'],
            'helper' => [
                'does' => 'Acuerde con el ayudante dónde se pone y qué señales hace. Abra una ventanilla.',
                'why' => 'Solo una persona hace señales.',
                'alone' => 'Ponga una marca donde deben parar las ruedas y otra que vea desde el asiento. Baje y mire tantas veces como haga falta.',
            ],
            'sight' => [
                'does' => 'Dé marcha atrás despacio, poco a poco. Avance para enderezar.',
                'why' => 'Plegar demasiado dobla barras y carrocería.',
                'caution' => 'Si pierde de vista al ayudante, pare. Nadie detrás del remolque ni en medio.',
                'calls' => 'Atrás … izquierda … derecha … despacio … alto',
                'alone' => 'Retroceda solo hasta donde acaba de andar y vio libre; pare, freno puesto, mire de nuevo.',
            ],
            'plate' => [
                'does' => 'Salga recto antes de apretar otra vez las cadenas.',
                'why' => 'Una placa que está girada se queda girada.',
            ],
            'chock-again' => [
                'does' => 'En su sitio y en línea, ponga el freno del conductor y calce las ruedas del remolque en ambos lados.',
            ],
            'lift-again' => [
                'does' => 'Si sigue viaje desde aquí, levante vehículo y remolque juntos con el gato hasta que las barras entren casi a mano.',
                'why' => 'Si se queda aquí, deje las barras fuera y pare aquí el procedimiento.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza.',
            ],
            'jack-up-again' => ['does' => 'Compruebe que los dos lados están en la marca. Suba el gato del todo y quite los calzos.'],
            'tug-again' => ['does' => 'Tire de cada barra en su alojamiento y donde se engancha.'],
            'friction-on' => ['does' => 'Monte otra vez la barra de fricción aparte y ponga su palanca como dice su ficha técnica.'],
        ],
        'arrival' => [
            'look' => ['does' => 'Pare antes de la parcela, baje y mire: pendiente, suelo blando, cables, la salida.'],
            'place' => [
                'does' => 'Coloque el remolque, con el ayudante a la vista.',
                'calls' => 'Atrás … izquierda … derecha … despacio … alto',
                'caution' => 'Nadie detrás del remolque ni en medio.',
                'alone' => 'Ponga una marca donde deben parar las ruedas; baje y mire antes de cada tramo.',
            ],
            'heat' => [
                'does' => 'Acerque una mano a bujes y neumáticos: haga revisar el que esté más caliente que los demás.',
                'caution' => 'Acerque, sin tocar: un freno que roza puede quemarle.',
            ],
            'sides' => [
                'does' => 'Nivele el remolque de lado a lado mientras sigue acoplado.',
                'why' => 'Después de desacoplar, el gato solo nivela adelante y atrás.',
            ],
            'chocks' => ['does' => 'Calce las ruedas del remolque en ambos lados.', 'caution' => 'Siempre antes de desacoplar.'],
            'stay' => [
                'does' => 'Si se queda acoplado de noche, afloje las barras si la ficha técnica lo pide.',
                'why' => 'Alivia los muelles y el gato.',
            ],
        ],
        'unhitch' => [
            'straight' => [
                'does' => 'Pare en línea, y lo más nivelado posible.',
                'why' => 'Las barras salen con facilidad cuando el conjunto está en línea.',
            ],
            'plate' => ['does' => 'Pare exactamente en línea: una placa que se desengancha en ángulo se queda girada.'],
            'chocks' => [
                'does' => 'Calce las ruedas del remolque en ambos lados.',
                'caution' => 'Calce antes de desacoplar: el remolque rueda en cuanto queda libre.',
            ],
            'park' => ['does' => 'Ponga el freno del conductor, la posición de aparcado, y pare el motor.'],
            'pad' => [
                'does' => 'Ponga una base ancha bajo el pie del gato.',
                'why' => 'En suelo blando el pie se hunde bajo el peso de la lanza.',
            ],
            'friction' => ['does' => 'Quite la barra de fricción aparte.'],
            'lift' => [
                'does' => 'Levante vehículo y remolque juntos con el gato hasta que las barras estén flojas.',
                'why' => 'Cuanto más levanta el gato, menos fuerza tienen que sujetar las manos y la palanca.',
                'caution' => 'Freno del conductor puesto. Nadie bajo la lanza. Levante las barras con las piernas, no con la espalda.',
            ],
            'plug' => [
                'does' => 'Desenchufe el cable y guárdelo.',
                'why' => 'Enchufado toda la noche puede agotar una batería.',
            ],
            'breakaway' => ['does' => 'Suelte el cable de rotura del vehículo. Deje su clavija en el interruptor.'],
            'latch' => [
                'does' => 'Baje el gato hasta que algo de peso se apoye en la bola. Saque el pasador y abra el cierre.',
                'why' => 'Con peso en la bola el cierre está libre. Estirados por el gato, bola y acoplador se atascan, y saltan al abrirlo.',
                'caution' => 'Peso en la bola antes de abrir el cierre. No fuerce el cierre. Dedos lejos del acoplador.',
            ],
            'crank' => [
                'does' => 'Suba el acoplador con el gato hasta que libre la bola.',
                'caution' => 'Pies fuera de debajo de la lanza. Nadie bajo el remolque.',
            ],
            'button' => [
                'does' => 'Suba el acoplador con el gato hasta que libre la bola.',
                'why' => 'Tenga la manivela a mano por si se agota la batería.',
                'caution' => 'Pies fuera de debajo de la lanza. Nadie bajo el remolque.',
            ],
            'chains' => [
                'does' => 'Desenganche las cadenas de seguridad lo último.',
                'why' => 'Sujetan el remolque hasta que el acoplador está libre.',
            ],
            'away' => [
                'does' => 'Avance despacio, con el ayudante al lado.',
                'calls' => 'Adelante … alto',
                'caution' => 'Nadie en medio.',
                'alone' => 'Baje cuando la bola esté libre del acoplador, freno puesto, y mire antes de seguir.',
            ],
            'level' => [
                'does' => 'Nivele el remolque sobre su gato.',
                'caution' => 'Nunca bajo un remolque sostenido por su gato.',
            ],
            'stow' => [
                'does' => 'Guarde lo que quitó. Deje marcados el agujero del vástago y el ajuste.',
                'why' => 'El cabezal tiene que volver al mismo agujero.',
            ],
            'levelling-on' => ['does' => 'Encienda otra vez la autonivelación.'],
        ],
    ],
];
