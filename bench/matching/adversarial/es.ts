/** Pairs that are easily got wrong, in Spanish. A keyword in every second place belongs to the half that no rule was made by. */
export const SPANISH = `
es: coche de segunda mano
= Coches de segunda mano con garantía
= Un coche comprado de segunda mano
≠ Un segundo después, su mano tocó el coche.
≠ La segunda vez fue en coche cama, a mano izquierda del pasillo largo.
es: vino tinto
= Los vinos tintos de la zona
= Un tinto es un vino con piel
≠ Vino tarde con tinta en la mano.
≠ La tintorería vino a recogerlo.
es: bota de montaña
= Botas de montaña para mujer
= Una bota cómoda en la montaña
≠ Vota por la montaña.
≠ La bota de vino se quedó en el valle.
es: clases de cocina
= Una clase de cocina tailandesa
= Clases en las que se aprende cocina
≠ Toda clase de muebles, también cocinas
≠ El cocinero clasifica las setas.
es: banco de alimentos
= Los bancos de alimentos
= Un banco que reparte alimentos
≠ Sentado en un banco del parque
≠ La banca alimenta el miedo.
es: casa rural
= Casas rurales con piscina
= Una casa en un entorno rural
≠ Se casa en una ermita rural.
≠ El ruralismo está casi muerto.
es: traje de novia
= Trajes de novia sencillos
= El traje que eligió la novia
≠ Te traje un regalo de mi novia.
≠ Trajeron a los novios en taxi.
es: cuenta bancaria
= Cuentas bancarias sin comisiones
= Una cuenta en la entidad bancaria
≠ Se dio cuenta de que la bancarrota era real.
≠ Cuenta que vive en un banco.
es: falda larga
= Faldas largas de verano
= Una falda muy larga
≠ La falda del monte es ancha.
≠ Le faltó alargar el paso.
es: corriente eléctrica
= Corrientes eléctricas débiles
= La corriente es eléctrica
≠ Un coche corriente, nada de lujo
≠ Agua corriente y una guitarra
es: lavar la ropa
= Cómo lavar ropa blanca
= La ropa que se lava en frío
≠ La lava arropa el valle.
≠ Arropado junto a la lava
es: hacer pan
= Cómo se hace el pan
= Haciendo pan en casa
≠ Hace frío, dijo Pan con la pandereta.
≠ El panadero deshace el nudo.
es: carta de presentación
= Cartas de presentación breves
= Una carta para su presentación
≠ Juega a las cartas y presenta el programa.
≠ El cartero presentó una queja.
es: muebles de madera
= Un mueble hecho de madera
= Madera para muebles
≠ El inmueble de la madre
≠ Las madreselvas amueblan el muro.
es: viajar barato
= Viajes baratos: viajar por poco
= Cómo viajar más barato
≠ El viajante abarató el pan.
≠ La baraja del viajero
es: perro guía
= Perros guía para ciegos
= Un perro que guía
≠ La guía de viajes y un perro mojado
≠ Guíe al perrito hasta la guitarra.
es: masa de pizza
= La masa para una pizza
= Masas de pizza finas
≠ Las masas votan; la pizza se enfría.
≠ Más pizza, por favor
es: físico-químico
= Un análisis físico químico
= Métodos físico-químicos
≠ Su físico no le ayudó.
≠ La química entre ellos
es: copia de seguridad
= Copias de seguridad cada noche
= Una copia por seguridad
≠ El seguro cubre copas rotas.
≠ Seguramente la copió.
es: plan de negocio
= Planes de negocio para tiendas
= Un plan para su negocio
≠ El plano del negocio está en la pared.
≠ Plantea una negociación.
es: hoja de cálculo
= Hojas de cálculo para gastos
= Calcular en una hoja de cálculo
≠ Las hojas caen, calculo yo.
≠ Una hoja de té y un cálculo renal
es: cambio climático
= Los cambios climáticos
= El clima y el cambio climático
≠ El aire climatizado cambia de dirección.
≠ A cambio, un climatizador
es: silla de ruedas
= Sillas de ruedas plegables
= Una silla con ruedas
≠ La rueda de prensa sin silla
≠ El sillón ruso
es: carrera universitaria
= Carreras universitarias con futuro
= Una carrera en la universidad
≠ Perdió la carrera por el universo.
≠ La carretera universal
es: aprender a nadar
= Aprendiendo a nadar de adulto
= Se aprende a nadar en verano.
≠ No aprende nada.
≠ Nada que aprender
`;
