/** Keywords as people type them in Spanish. */
export const SPANISH = `
es: precio reforma cocina
= El precio de la reforma de una cocina
= Precio para reformar una cocina
= ¿Qué precio tiene reformar una cocina?
= Reforma de cocina: precios
es: ideas para decorar el salón
= Ideas de decoración para el salón
= Decorar el salón: diez ideas
= Ideas para la decoración de tu salón
es: lista mudanza
= Una lista para tu mudanza
= La lista de la mudanza
= Listas para mudanzas
es: escribir una carta de presentación
= Cómo escribir una carta de presentación
= Escribe tu carta de presentación
= Cartas de presentación bien escritas
es: crear una página web
= Cómo crear una página web
= Crea tu página web
= La creación de una página web
= Crear páginas en la web
es: organizar una boda
= Cómo organizar una boda
= La organización de una boda
= Organiza tu boda paso a paso
es: desayuno saludable
= Un desayuno saludable
= Desayunos saludables
= Desayunar saludable
= Un desayuno muy saludable
es: programa de facturación
= Programas de facturación
= Un programa para facturar
= Programas para tus facturas
es: limpiar el horno
= Cómo limpiar el horno
= Limpieza del horno
= Limpia tu horno sin productos
= Un horno limpio
es: cancelar un seguro
= Cómo cancelar un seguro
= Cancelación de un seguro
= Cancela tu seguro por internet
= Seguros cancelados
es: estrategia de contenidos
= Una estrategia para tus contenidos
= Estrategias de contenido
es: casa rural con perro
= Casas rurales con perros
= Una casa rural para ir con tu perro
= Con el perro a una casa rural
es: cortar el césped
= Cuándo cortar el césped
= El corte del césped
= Corta tu césped en primavera
= Un césped recién cortado
es: aprender inglés
= Cómo aprender inglés rápido
= Aprende inglés en casa
= El aprendizaje del inglés
= Aprendiendo inglés
es: recetas fáciles
= Una receta fácil
= Recetas muy fáciles
= Recetas fáciles de hacer
= Fácil y rápida, esta receta
es: ahorrar energía
= Cómo ahorrar energía
= Ahorro de energía
= Ahorra energía en casa
= El ahorro energético
es: comprar coche de segunda mano
= Cómo comprar un coche de segunda mano
= La compra de un coche de segunda mano
= Compra tu coche de segunda mano
es: perder peso
= Cómo perder peso
= La pérdida de peso
= Pierde peso sin dieta
= Peso perdido
es: dormir mejor
= Cómo dormir mejor
= Duerme mejor
= Consejos para dormir mejor
es: invertir dinero
= Cómo invertir tu dinero
= Invierte dinero a largo plazo
= La inversión de dinero
= El dinero que inviertes
es: cuánto tiempo cocer huevos
= ¿Cuánto tiempo hay que cocer los huevos?
= Cocer huevos: cuánto tiempo
es: tarta sin gluten
= Una tarta sin gluten
= Tartas sin gluten
= Tarta de chocolate sin gluten
es: dolor de espalda silla de oficina
= Una silla de oficina contra el dolor de espalda
= Dolor de espalda: qué silla de oficina
es: arreglar un grifo que gotea
= Cómo arreglar un grifo que gotea
= Arregla tu grifo que gotea
es: quitar manchas de vino
= Cómo quitar una mancha de vino
= Quita las manchas de vino
= Manchas de vino: cómo quitarlas
es: lanzar un podcast
= Lanzar tu podcast
= Lanza tu podcast
= El lanzamiento de un podcast
es: plantilla contrato autónomo
= Una plantilla de contrato para autónomos
= Plantillas de contratos para un autónomo
= Contrato de autónomo: plantilla
es: bajar la tensión
= Cómo bajar la tensión
= Baja tu tensión sin pastillas
es: solicitud de pasaporte
= Solicitar un pasaporte
= Cómo solicitar tu pasaporte
= Solicitudes de pasaporte
es: motivar a los empleados
= Cómo motivar a tus empleados
= La motivación de los empleados
= Empleados motivados
es: rueda de bicicleta
= Ruedas para bicicletas
= La rueda de la bicicleta está pinchada.
= Cambiar las ruedas de tu bicicleta
≠ La bicicleta pasó ante la rueda de prensa.
es: declaración de la renta
= Declarar la renta
= Cómo declarar tu renta
= Rentas declaradas
≠ La declaración del ministro sobre la subida de la renta
es: pintar la casa
= Cómo pintar una casa
= Pintura de la casa
= Casas pintadas de blanco
= Pinta tu casa antes del verano.
≠ La pintura colgada en la casa es de un artista.
≠ Eso no pinta nada en esta casa.
es: cuenta bancaria
= Cuentas bancarias
= La cuenta en el banco
≠ Se da cuenta de que la entidad bancaria cierra.
≠ Cuenta su vida en la sucursal bancaria.
es: factura de la luz
= Facturas de la luz
= La factura que llega por la luz
≠ Dio a luz y pagó la factura.
≠ La luz se fue mientras él factura el equipaje.
es: limpieza de sofás
= Limpiar el sofá
= Sofás limpiados en seco
= Cómo se limpia un sofá
≠ El sofá está junto al producto de limpieza.
es: alquiler de coches
= Alquilar un coche
= Coches alquilados
= Coche de alquiler
= Coches en alquiler
≠ El alquiler del piso cuesta más que un coche.
es: clases de canto
= Clase para cantar mejor
= Una clase de canto
≠ Hay clases sociales y un canto rodado.
≠ El libro de clase tiene un canto dorado.
es: cortar el pelo
= Corte de pelo
= Pelo cortado a capa
= Córtate el pelo en casa.
≠ Se salvó por un pelo al cortar la cuerda.
≠ La corte llevaba pelucas de pelo.
es: seguro de viaje
= Seguros para viajes
= Un seguro para tu viaje
≠ No es seguro viajar ahora.
≠ Seguro que el viaje es corto.
es: reforma de la cocina
= Reformar la cocina
= Cocinas reformadas
= Cómo reformar una cocina
≠ Cocina mientras se reforma el baño.
es: pienso para gatos
= Piensos para gatos
= El pienso de tu gato
≠ Pienso en gatos todo el día.
≠ Pienso que los gatos duermen mucho.
es: papel pintado
= Papeles pintados
= El papel que está pintado
≠ Pinta en papel una escena.
≠ Hizo el papel de un rey pintado.
es: venta de casas
= Vender una casa
= Casas vendidas
= Casa en venta
≠ La tienda vende lámparas para la casa.
≠ Se casa y vende el coche.
es: hacer la compra
= Cómo hacer la compra
= La compra que hacemos
≠ Hace pan y compra leche.
≠ Compra lo que hace falta.
es: trabajo desde casa
= Trabajar desde casa
= Quienes trabajan desde casa
≠ El trabajo queda lejos de casa.
es: cálculo de la pensión
= Calcular la pensión
= Cómo se calcula tu pensión
≠ Tiene cálculos y cobra la pensión.
es: batería del móvil
= Baterías para móviles
= La batería de tu móvil
≠ Toca la batería y mira el móvil.
es: libro de cocina
= Libros de cocina
= Un libro para la cocina
≠ Me libro de limpiar la cocina.
es: cura de sueño
= Curas de sueño
≠ Nada lo cura, ni el sueño.
es: vino blanco
= Vinos blancos
= Un vino muy blanco
≠ Vino vestido de blanco.
≠ Ayer vino con un coche blanco.
es: camino de Santiago
= Los caminos de Santiago
≠ Camino con Santiago por el parque.
es: copa menstrual
= Copas menstruales
≠ Tomó una copa durante el ciclo menstrual.
es: plancha de pelo
= Planchas para el pelo
= Planchar el pelo
≠ Plancha la camisa con el pelo mojado.
es: taza de té
= Tazas de té
= Una taza para el té
≠ Bebió té y rompió la taza.
es: abrigo de lluvia
= Abrigos de lluvia
= Un abrigo contra la lluvia
≠ Llueve y se quita el abrigo.
es: reservar mesa
= Reservar una mesa
= Reserva tu mesa
= Reserva de mesa
= Mesas reservadas
≠ La reserva natural y la mesa de piedra
≠ Sin reservas, se sentó a la mesa.
es: lavar el coche
= Lava tu coche
= El lavado del coche
= Coches lavados
≠ La lava del volcán cubrió el coche.
es: aislar una pared
= Aislar las paredes
= Aísla tus paredes
= Paredes aisladas
= El aislamiento de la pared
≠ Aislado, miraba la pared.
es: pasear al perro
= Pasea a tu perro
= El paseo del perro
≠ Pasó ante el perro.
es: sembrar césped
= Sembrar el césped
= Siembra tu césped
= Césped sembrado
≠ Siembra dudas sobre el césped.
es: alquilar oficina
= Alquilar una oficina
= Alquila tu oficina
= Alquiler de oficinas
= Oficinas alquiladas
≠ Pagó el alquiler de su casa en la oficina.
es: recoger manzanas
= Recoge tus manzanas
= La recogida de manzanas
= Manzanas recogidas
≠ Se recoge el pelo y come manzanas.
es: dividir la cuenta
= Divide la cuenta
= La cuenta dividida
≠ Se da cuenta de que están divididos.
es: cadena de bicicleta
= Cadenas de bicicleta
= La cadena de la bici
≠ La cadena de tiendas vende bicicletas.
es: silla de montar
= Sillas de montar
≠ Se monta en la silla del abuelo.
es: manga de camisa
= Mangas de camisa
≠ Se sacó un as de la manga y compró una camisa.
es: pluma de ganso
= Plumas de ganso
≠ Firmó con pluma y cenó ganso.
`;
