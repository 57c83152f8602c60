/** More in Spanish. */
export const SPANISH = `
es: permiso de pesca
= Permisos para pescar en el río
= El permiso de pesca cuesta diez euros.
≠ No se permite la pesca aquí.
≠ Pidió permiso y habló de la pesca.
es: mesa de jardín
= Una mesa para el jardín
= Mesas de jardín de madera
≠ El jardín está detrás de la mesa.
≠ Se sentó a la mesa y miró el jardín.
es: lámpara de mesa
= Una lámpara para la mesa
= Lámparas de mesa baratas
≠ La mesa tiene una lámpara encima.
≠ La lámpara cayó sobre la mesa.
es: curso de inglés
= Cursos para aprender inglés
= Un curso de inglés en línea
≠ El inglés siguió el curso del río.
≠ En inglés, en el curso de la tarde
es: máquina de coser
= Coser a máquina
= Una máquina para coser cuero
≠ La máquina se paró mientras ella cosía.
≠ Cosen a mano y limpian la máquina.
es: bolsa de papel
= Bolsas hechas de papel
= Bolsas de papel con asas
≠ La bolsa cae, dice el papel.
≠ Su papel en la bolsa es menor.
es: alquiler de coches
= Alquilar un coche sin fianza
= El alquiler de un coche por días
≠ El coche quedó delante del piso en alquiler.
≠ Pagó el alquiler y vendió el coche.
es: mesa de centro
= Una mesa para el centro del salón
= Mesas de centro de cristal
≠ La mesa electoral del centro abre a las ocho.
≠ En el centro no hay mesa libre.
es: tarjeta de crédito
= Tarjetas de crédito sin comisiones
= Un crédito con tarjeta
≠ El árbitro sacó tarjeta y perdió el crédito.
≠ El banco da crédito y manda una tarjeta de Navidad.
es: cocinar arroz
= Cómo se cocina el arroz
= Arroz cocinado en olla
≠ La cocina huele a arroz.
≠ Cocina tú, que yo traigo arroz con leche.
es: reloj de pared
= Un reloj para la pared de la cocina
= Relojes de pared antiguos
≠ El reloj cayó junto a la pared.
≠ La pared tapa el reloj de la torre.
es: perder peso
= Cómo perdí peso sin dieta
= La pérdida de peso en verano
≠ Perdió el tren por el peso de la maleta.
≠ Se perdió en la calle del Peso.
es: cama elástica
= Una cama elástica para el jardín
= Camas elásticas con red
≠ Una goma elástica cayó de la cama.
≠ La cama tiene una sábana elástica.
es: arreglar la bici
= Cómo arreglo mi bici
= Arreglar una bici en casa
≠ Llegó a un arreglo sobre la bici robada.
≠ La bici arregla la tarde.
es: clases de piano
= Una clase de piano para niños
= Clases para aprender piano
≠ La clase oyó un piano.
≠ Un piano de clase alta
es: silla alta
= Una silla más alta para el bebé
= Sillas altas plegables
≠ La silla está bajo la ventana alta.
≠ En voz alta, pidió una silla.
es: preparar una entrevista
= Cómo preparo una entrevista
= Preparar bien la entrevista de trabajo
≠ Preparó la cena durante la entrevista.
≠ La entrevista fue sobre preparar cócteles.
es: cuchillo de pan
= Un cuchillo para el pan
= Cuchillos de pan con dientes
≠ El cuchillo está junto al pan.
≠ El pan tapa el cuchillo.
es: máquina de café
= Una máquina para hacer café
= Máquinas de café para la oficina
≠ El café está junto a la máquina.
≠ La máquina manchó el café de rojo.
es: tarjeta de visita
= Tarjetas de visita en papel grueso
= Una tarjeta para tus visitas
≠ Visitó la ciudad con una tarjeta.
≠ La visita es gratis con la tarjeta del museo.
es: alquilar un piso
= Cómo alquilo un piso
= Un piso para alquilar
≠ Alquila una bici y deja el piso.
≠ En el piso de arriba alquilan coches.
es: carta de motivación
= Una carta para explicar tu motivación
= Cartas de motivación con ejemplos
≠ Juega a las cartas con motivación.
≠ La motivación no está en las cartas.
es: bolsa de deporte
= Una bolsa para hacer deporte
= Bolsas de deporte con ruedas
≠ El deporte mueve la bolsa de Madrid.
≠ Guarda el deporte para mañana y la bolsa para hoy.
es: escribir un blog
= Cómo escribo un blog
= Escribir un blog de viajes
≠ Escribió una carta al blog.
≠ En el blog escriben poetas.
es: agua con gas
= Agua sin gas o con gas
= El agua con gas y la digestión
≠ El agua apagó el gas.
≠ Ni agua ni gas en el piso
es: banco de jardín
= Un banco para el jardín
= Bancos de jardín de teca
≠ El banco cerró y el jardín siguió abierto.
≠ El jardín está lejos del banco.
es: limpiar la alfombra
= Cómo limpio la alfombra
= Limpiar alfombras con vapor
≠ Limpia la ventana detrás de la alfombra.
≠ La alfombra se seca y ella limpia la cocina.
es: chaqueta de lluvia
= Una chaqueta para la lluvia
= Chaquetas de lluvia para niños
≠ Bajo la lluvia perdió la chaqueta.
≠ La chaqueta se secó cuando paró la lluvia.
es: seguro de hogar
= Un seguro para el hogar
= Seguros de hogar baratos
≠ Seguro que el hogar está limpio.
≠ No es seguro dejar el hogar.
es: curso de idiomas
= Un curso para aprender idiomas
= Cursos de idiomas por la tarde
≠ El idioma cambia en el curso del tiempo.
≠ Los idiomas siguen su curso.
es: diseñar un cartel
= Cómo diseño un cartel
= Diseñar carteles en línea
≠ Diseña joyas delante de un cartel.
≠ El cartel dice que ella diseña.
es: alquiler de coches
= Alquilar un coche en la isla
= Coches de alquiler baratos
≠ Vendió el coche para pagar el alquiler.
≠ El coche está ante el piso en alquiler.
es: mesa de comedor
= Una mesa para el comedor
= Mesas de comedor extensibles
≠ El comedor de hierba pisó la mesa.
≠ La mesa electoral está junto al comedor.
es: máquina de coser
= Máquinas para coser cuero
= Una máquina que cose sola
≠ Cosía junto a la máquina de café.
≠ La máquina paró y ella cosió a mano.
es: cuenta de ahorro
= Una cuenta para ahorrar
= Cuentas de ahorro sin comisiones
≠ Se da cuenta del ahorro de tiempo.
≠ Cuenta que el ahorro no existe.
es: plaza de garaje
= Plazas en el garaje
= Alquilar una plaza de garaje
≠ La plaza mayor no tiene garaje.
≠ Sacó el coche del garaje y cruzó la plaza.
es: clases de inglés
= Una clase para aprender inglés
= Clases de inglés por vídeo
≠ Toda clase de gente habla inglés.
≠ El inglés viajó en primera clase.
es: limpiar cristales
= Cómo limpiar los cristales
= La limpieza de cristales
≠ Limpió el suelo sin cristales.
≠ El cristal limpio refleja el mar.
es: carta de despido
= Cartas por despido
= Modelo de carta de despido
≠ El despido llegó tras la carta de vinos.
≠ Jugó su última carta y lo despidieron.
es: receta de pan
= Recetas para hacer pan
= Un pan casero: la receta
≠ El médico recetó pan y reposo.
≠ La receta caducó y el pan se secó.
es: curso de c++
= Cursos para aprender C++
= Aprende C++ en un curso corto
≠ El curso del río C
≠ En el curso de la tarde cantó un do.
es: plan de comidas
= Un plan para tus comidas
= Planes de comidas semanales
≠ En un plano de la ciudad dibujó comida.
≠ Comió en plan tranquilo.
es: seguro de viaje
= Seguros para viajes largos
= Un seguro de viaje barato
≠ Viaja seguro de sí mismo.
≠ Seguro que el viaje cansa.
es: silla de oficina
= Sillas para la oficina
= La silla de oficina ideal
≠ La oficina está lejos y sin sillas.
≠ Ensilló el caballo frente a la oficina.
es: bolsa de viaje
= Bolsas para viajar
= Una bolsa de viaje pequeña
≠ La bolsa cayó y canceló el viaje.
≠ Viajó sin bolso.
es: cambio de aceite
= Cambiar el aceite del coche
= Cuándo hacer el cambio de aceite
≠ A cambio, ofreció aceite.
≠ El cambio climático y el aceite de palma
es: pintar paredes
= Cómo pintar una pared
= Paredes pintadas a rodillo
≠ El pintor se apoyó en la pared.
≠ Pintó un cuadro y tiró la pared.
es: paseo en barco
= Pasear en barco por el río
= Paseos en barco al atardecer
≠ El barco se fue y el paseo acabó.
≠ En el paseo marítimo pintó un barco.
es: ropa de cama
= Ropa para la cama
= Lavar la ropa de cama
≠ Dejó la ropa e hizo la cama.
≠ La cama no tiene ropa limpia.
es: libro de recetas
= Libros con recetas
= Un libro de recetas vegano
≠ Recetó reposo y un libro.
≠ El libro cuenta que la receta caducó.
es: crema de manos
= Cremas para las manos
= Una crema de manos casera
≠ A mano batió la crema.
≠ La crema pasó de mano en mano.
es: bolsa de basura
= Bolsas para la basura
= Bolsas de basura grandes
≠ La bolsa es basura, dijo el broker.
≠ Tiró la basura y perdió el bolso.
es: cerrar una cuenta
= Cómo cierro mi cuenta
= Cuentas cerradas
≠ Cuenta que cerró la tienda.
≠ Cerró los ojos y se dio cuenta.
es: zapatos de baile
= Zapatos para bailar salsa
= Qué zapato de baile elegir
≠ Baila sin mirar sus zapatos.
≠ El baile empezó y dejó los zapatos en casa.
es: alquiler de bicicletas
= Alquila una bicicleta por horas
= Bicicletas de alquiler
≠ La bicicleta está en el piso que alquila.
≠ Pagó el alquiler y vendió la bicicleta.
es: cuenta de ahorro
= Cuentas para ahorrar
= Abre una cuenta de ahorros
≠ Cuenta que ahorró mucho.
≠ Se dio cuenta de que el ahorro era poco.
es: tarjeta de regalo
= Regala una tarjeta
= Tarjetas regalo para todos
≠ Dejó la tarjeta del banco junto al regalo.
≠ El regalo llegó sin pagar con tarjeta.
es: curso de cocina
= Cursos para aprender a cocinar
= Un curso sobre cocina vegana
≠ En el curso del día limpió la cocina.
≠ El cocinero sigue su curso.
es: lavadora barata
= Lavadoras baratas y buenas
= La lavadora más barata
≠ Lava la ropa barata a mano.
≠ Salió barata la avería del lavabo.
es: seguro de coche
= Asegura tu coche
= Seguros para coches nuevos
≠ Seguro que el coche llega.
≠ No estoy seguro de mi coche.
es: entrenamiento de fuerza
= Entrenar la fuerza en casa
= Entrenamientos para ganar fuerza
≠ El entrenador gritó con fuerza.
≠ A la fuerza entrenan de noche.
es: crema solar
= Cremas para el sol
= Qué crema solar usar
≠ La crema se derrite al sol.
≠ El solar está al lado de la cremería.
es: mesa de jardín
= Mesas para el jardín
= Una mesa de jardín plegable
≠ Puso la mesa y salió al jardín.
≠ El jardín está sobre la mesa de negociación.
es: limpieza de ventanas
= Limpiar ventanas sin marcas
= Cómo se limpian las ventanas
≠ Hay limpieza bajo la ventana.
≠ La ventana da a la tienda de limpieza.
es: receta de pan
= Recetas para hacer pan
= Una receta de pan sin gluten
≠ El médico recetó dieta y vendía pan.
≠ El pan cayó sobre la receta médica.
es: pintura de casa
= Pintar la casa por fuera
= Pinturas para la casa
≠ La pintura robada estaba en su casa.
≠ Pinta mal: la casa cierra.
es: silla de oficina
= Sillas para la oficina
= Una silla de oficina cómoda
≠ Salió de la oficina y tropezó con la silla.
≠ La oficina está en la silla turca.
es: cuna de bebé
= Cunas para bebés
= Una cuna para el bebé
≠ El bebé salió de la cuna del vino.
≠ La cuna del rock no es para el bebé.
es: alquiler de pisos
= Alquilar un piso sin aval
= Pisos en alquiler
≠ El piso mojado está en la casa de alquiler.
≠ El alquiler subió y pisó el freno.
es: entrenador personal
= Entrenadores personales a domicilio
= Un entrenador personal para ti
≠ El entrenador tiene motivos personales.
≠ El personal esperó al entrenador.
es: lavado de coches
= Lava tu coche a mano
= Lavar coches sin agua
≠ El coche quedó frente al lavabo.
≠ Se lavó las manos y subió al coche.
es: pintar una pared
= Cómo pintar paredes
= La pintura de una pared
≠ El pintor se apoya en la pared.
≠ La pared no pinta nada aquí.
es: vuelos baratos
= Vuelos muy baratos
= Los vuelos más baratos
≠ El vuelo salió y el café era barato.
≠ Vuelve a casa con un libro barato.
es: aprender guitarra
= Aprender a tocar la guitarra
= Aprende guitarra en casa
≠ Aprendió que la guitarra era falsa.
≠ El aprendiz vende su guitarra.
es: pan sin gluten
= Panes sin gluten
= Pan hecho sin gluten
≠ Sin pan comió gluten.
≠ El pan tiene gluten, sin duda.
es: plantar tomates
= Cuándo plantar tomates
= Plantar un tomate en maceta
≠ La planta baja vende tomates.
≠ Los tomates y la planta del pie
es: iluminación de jardín
= Iluminar el jardín sin cables
= Una iluminación para el jardín
≠ La idea iluminó su cara en el jardín.
≠ El jardín tiene una iluminada vista.
es: comparador de precios
= Comparar precios antes de comprar
= Comparadores de precios en línea
≠ El precio no tiene comparación.
≠ Comparado con ella, él no tiene precio.
es: permiso de pesca
= Un permiso para pescar en el río
= Dónde pedir el permiso de pesca
≠ Pidió permiso y se fue a comer pescado.
≠ La pesca fue mala, con permiso del mar.
es: gastos de envío
= Los gastos del envío
= Cuánto gasta enviar un paquete: gastos de envío
≠ Gasta mucho y envía flores.
≠ El envío llegó gastado.
es: silla infantil
= Sillas infantiles para el coche
= Una silla para uso infantil
≠ El cine infantil tiene sillas rojas.
≠ Su risa infantil rompió la silla.
es: limpieza de horno
= Limpiar el horno con limón
= La limpieza del horno
≠ El horno está junto al cubo de limpieza.
≠ El horno limpia su nombre.
es: tabla de planchar
= Una tabla para planchar
= Qué tabla de planchar comprar
≠ Plancha la camisa bajo la tabla.
≠ La tabla de la plancha de surf
es: papel de impresora
= Papel para la impresora
= Qué papel necesita la impresora
≠ La impresora hace un gran papel.
≠ El papel está detrás de la impresora.
es: anillo de boda
= Anillos para la boda
= Un anillo de boda de oro
≠ La boda acabó y tiró el anillo.
≠ El anillo de humo en la boda
es: guantes de boxeo
= Guantes para boxear
= Guantes de boxeo para niños
≠ El boxeo le sienta como un guante.
≠ Tira el guante y va al boxeo.
es: tarjeta de visita
= Tarjetas de visita baratas
= Imprimir una tarjeta de visita
≠ Visita la ciudad con tarjeta.
≠ La visita paga con tarjeta.
es: jardín de rosas
= Un jardín lleno de rosas
= Jardines con rosas
≠ El jardín está pintado de rosa.
≠ Rosa vive junto al jardín.
es: discurso de boda
= Discursos para una boda
= Escribir un discurso de boda
≠ La boda acabó y el discurso empezó.
≠ El discurso del rey sobre la boda
es: azulejos de cocina
= Azulejos para la cocina
= Poner azulejos en la cocina
≠ La cocina está al lado de la tienda de azulejos.
≠ Rompió un azulejo y dejó la cocina.
es: clases de batería
= Clases para tocar la batería
= Una clase de batería en línea
≠ La batería del móvil murió en clase.
≠ Toda clase de baterías antiaéreas
es: prueba de alergia
= Pruebas para alergias
= Hacerse una prueba de alergia
≠ La alergia le puso a prueba.
≠ Prueba el pan, pese a su alergia.
es: contrato de móvil
= Un contrato para tu móvil
= Contratos de móvil baratos
≠ Contrató a un guardia y perdió el móvil.
≠ El móvil suena, el contrato espera.
es: fotografía de calle
= Fotografiar la calle
= La fotografía en la calle
≠ El fotógrafo vive en esta calle.
≠ La calle sale en la fotografía del juez.
es: barra de cortina
= Barras para cortinas
= Una barra de cortina fina
≠ La cortina cae sobre la barra del bar.
≠ En la barra, tras la cortina de humo
es: donación de sangre
= Donar sangre cerca de ti
= Donaciones de sangre
≠ La sangre fría y una donación a la iglesia
≠ Donó un cuadro de sangre azul.
es: tipo de interés
= Los tipos de interés suben
= Un tipo de interés fijo
≠ Ese tipo no tiene interés.
≠ Hay un tipo con interés en la casa.
es: profesor de música
= Profesores de música en casa
= Un profesor para la música
≠ El profesor apaga la música.
≠ La música tapa al profesor.
es: lavado de cara
= Cómo lavarse la cara
≠ Se lavó las manos, cara de póquer.
≠ La ropa lavada es cara.
es: vuelo directo
= Vuelos directos a la isla
≠ Fue directo al vuelo.
≠ El vuelo va en directo por la tele.
es: copa de vino
= Copas para vino tinto
≠ El vino ganó la copa.
≠ La copa del mundo y el vino
es: banco de madera
= Bancos de madera para jardín
≠ El banco vende madera.
≠ La madera está en el banco.
es: puesta de sol
= Ver la puesta del sol
≠ La mesa está puesta al sol.
≠ Llevaba puesta la gorra por el sol.
es: cara nueva
= Una cara nueva en el equipo
≠ La casa nueva sale cara.
≠ Cara o cruz, dijo la nueva.
es: carta certificada
= Cartas certificadas
≠ La carta no está en el sobre certificado.
≠ Certificó que la carta era suya.
es: sala de espera
= Salas de espera con juegos
≠ Espera en la sala.
≠ La sala espera su reforma.
es: abrir una cuenta
= Cómo abrir una cuenta
= Abrir cuentas en línea
≠ Abrió la puerta y se dio cuenta.
≠ La cuenta abrió un debate.
es: cambiar una rueda
= Cambiar las ruedas en casa
= Cómo se cambia una rueda
≠ La rueda no cambia nada.
≠ Cambia de idea junto a la rueda.
es: ahorrar dinero
= Ahorra dinero en casa
= Cómo ahorrar más dinero
≠ El dinero no ahorra penas.
≠ Ahorra palabras, pide dinero.
es: alquilar una habitación
= Alquilar habitaciones a estudiantes
= El alquiler de una habitación
≠ La habitación está en un piso de alquiler.
≠ Alquiló un coche y dejó la habitación.
es: reservar un vuelo
= Reservar vuelos baratos
= Cómo se reserva un vuelo
≠ El vuelo reserva sorpresas.
≠ Reserva la mesa antes de su vuelo.
es: pintar una valla
= Pintar la valla del jardín
= Cómo pintar vallas de madera
≠ La valla pinta poco aquí.
≠ La pintura cuelga de la valla.
es: lavadora barata
= Lavadoras baratas y buenas
= Una lavadora que sea barata
≠ La lavandería vende ropa barata.
≠ Lavar es más barato que comprar.
es: carné de conducir
= Sacar el carné de conducir
= Renovar los carnés de conducir
≠ El conductor perdió el carné del gimnasio.
≠ Su conducta le costó el carné de socio.
es: sala de espera
= La sala de espera del dentista
= Salas de espera cómodas
≠ Espera en la sala de reuniones.
≠ La sal espera en la mesa.
es: copia de seguridad
= Haz copias de seguridad cada día.
= La copia de seguridad del móvil
≠ El guardia de seguridad hizo una copia de la llave.
≠ Con seguridad es una copia.
es: botas de montaña
= Botas para la montaña
= Una bota de montaña ligera
≠ Una montaña de botas viejas
≠ El balón bota en la montaña.
es: reparación de móviles
= Reparamos móviles en el acto.
= Reparar un móvil mojado
≠ El móvil del crimen no tiene reparación.
≠ Un taller móvil de reparación de bicis
es: curso de cocina
= Cursos de cocina para niños
= Un curso para cocinar mejor
≠ En el curso de la tarde limpió la cocina.
≠ El cocinero cursó derecho.
es: abrelatas
= Un abrelatas eléctrico
= Abrelatas para zurdos
≠ Abre las latas con cuidado.
≠ La lata no se abre.
es: comida para perros
= Comidas para perros mayores
= ¿Qué comida necesita un perro?
≠ Los perros duermen después de la comida.
≠ Comido el pan, salió con los perros.
es: cuenta de ahorro
= Cuentas de ahorro sin comisiones
= Una cuenta para ahorrar
≠ Cuenta cómo ahorra.
≠ Se dio cuenta del ahorro.
es: banco de jardín
= Un banco para el jardín
≠ El banco pagó el jardín.
≠ Los jardineros fueron al banco.
es: cerradura de puerta
= Cambiar la cerradura de la puerta
≠ Cierra la puerta.
≠ La puerta estaba cerrada.
es: mantel de mesa
= Un mantel para la mesa
≠ La mesa no tiene mantel.
≠ Mantenga la mesa limpia.
es: precio de la luz
= El precio de la luz sube.
≠ No hay luz a ningún precio.
≠ El precio salió a la luz.
es: alquiler de coches
= Alquilar un coche en la estación
≠ El inquilino alquila y lava su coche.
≠ El coche del casero sube con el alquiler.
es: estufa de leña
= Una estufa que quema leña
≠ La leña está lejos de la estufa.
≠ La leñera y la estufa
es: clases de baile
= Clases para bailar salsa
≠ Hay mil clases de pan en el baile.
≠ Después de clase, bailan.
es: vela perfumada
= Velas perfumadas para el baño
≠ El barco de vela llevaba perfumes.
≠ Vela por su hija perfumada.
es: pila recargable
= Pilas recargables para niños
≠ La pila de agua bendita y el móvil recargable
≠ Una pila de libros sobre un móvil recargable
es: libro de texto
= Libros de texto de segunda mano
≠ Libró la batalla con un texto.
≠ El texto libre es mejor.
es: cura de piel
= Una cura para la piel
≠ El cura tiene la piel seca.
≠ La piel del cura
es: capital humano
= El capital humano de la empresa
≠ La capital es muy humana.
≠ El humano llegó a la capital.
es: limpieza de canalones
= Limpiar los canalones en otoño
= La limpieza del canalón
≠ La limpieza de la calle y los canalones nuevos
≠ Un canalón limpia su imagen.
es: clases de canto
= Clases para aprender a cantar
= Clases de canto en línea
≠ El canto de los pájaros, de toda clase
≠ En clase se golpeó con el canto de la mesa.
es: cuenta de ahorro
= Abrir una cuenta para el ahorro
= Cuentas de ahorro para niños
≠ Él cuenta un chiste sobre el ahorro.
es: alquiler de coche
= Alquilar un coche en Málaga
= Coches de alquiler
≠ El coche está en la calle y el alquiler sube.
≠ Pagó el alquiler desde el coche.
es: carta de presentación
= Cómo escribir cartas de presentación
= Una carta para la presentación del candidato
≠ Presentó la carta del restaurante.
≠ En la presentación jugó a las cartas.
es: cura de sueño
= Una cura basada en el sueño
= Curas de sueño en clínicas
≠ El cura tiene sueño.
≠ Sueña que se cura.
es: copa menstrual
= Copas menstruales de silicona
= Cómo usar la copa menstrual
≠ La copa del mundo y el dolor menstrual
≠ Tomó una copa por el retraso menstrual.
es: banco de pruebas
= Un banco para pruebas de motores
= Bancos de prueba
≠ El banco pide pruebas de ingresos.
≠ Prueba a sentarte en el banco.
es: llave inglesa
= Llaves inglesas de acero
= Usar una llave inglesa
≠ La llave de la casa inglesa
≠ La profesora inglesa perdió su llave.
es: parto en casa
= Partos en casa con matrona
= Dar a luz: el parto en casa
≠ Parto de casa a las ocho.
≠ Se parte una teja en casa.
es: construir una cabaña
= Construye tu cabaña
= La construcción de una cabaña
≠ La cabaña está cerca de un puente en construcción.
≠ Construyó un muro junto a la cabaña.
es: juego de cartas
= Un juego con cartas
= Juegos de cartas para dos
≠ La carta está en juego.
≠ Juega con la carta del restaurante.
es: cortar vidrio
= Cómo se corta el vidrio
= Vidrio cortado a medida
≠ Se cortó con un vidrio.
≠ Cortó el pan y rompió un vidrio.
es: lámpara de lectura
= Una lámpara para leer en la cama
= Lámparas de lectura sin cable
≠ La lectura acabó cuando cayó la lámpara.
≠ Lee bajo la lámpara del vecino.
es: pintar una pared
= Cómo pintar las paredes
= Paredes pintadas de blanco
≠ Pintó un cuadro en la pared.
≠ La pared está desnuda y ella pinta sus uñas.
es: ahorrar agua
= Ahorra agua en la ducha
= Gestos para ahorrar agua
≠ Ahorra dinero y bebe agua.
≠ El agua falta y él ahorra.
es: aumento de sueldo
= Pedir un aumento de sueldo
= Aumentos del sueldo en sanidad
≠ El aumento del alquiler se come el sueldo.
≠ El sueldo no llega y el aumento de peso sí.
es: cortar el césped
= Cómo cortar el césped
= El césped recién cortado
≠ Se cortó la mano en el césped.
≠ El césped crece y él corta leña.
es: taza de café
= Tazas para café
= Una taza de café solo
≠ El café cerró y la taza se rompió.
≠ Bebió café en vez de una taza de té.
es: correa para perros
= Correas para perro
= Una correa para tu perro
≠ El perro mordió la correa del reloj.
≠ Sin correa, los perros huyen.
es: puerta de entrada
= Puertas de entrada de madera
= La puerta de la entrada
≠ La entrada se paga en la puerta del cine.
≠ Entrada libre, puerta cerrada
es: lavado de coches
= Lavar el coche en casa
= El lavado de tu coche
≠ Lavado de dinero en un coche
≠ El coche está sucio y el lavado de cara es caro.
`;
