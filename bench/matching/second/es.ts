/** A second set in Spanish: no rule was made by them. */
export const SPANISH = `
es: silla de oficina
= Sillas para la oficina en casa
= Una silla de oficina ergonómica
≠ La oficina cerró y nadie movió una silla de playa.
≠ El oficial montó la silla del caballo.
es: curso de cocina
= Cursos de cocina para niños
= Un curso para aprender cocina italiana
≠ En el curso del día, la cocina se llenó de humo.
≠ Ella cocina mientras él cursa leyes.
es: bolsa de viaje
= Bolsas de viaje ligeras
= Una bolsa para el viaje
≠ La bolsa cayó durante su viaje.
≠ Viaja con el bolsillo vacío.
es: luz de bicicleta
= Luces para bicicletas
= Una luz de bicicleta potente
≠ La bicicleta salió a la luz de la luna.
≠ Dio a luz lejos de su bicicleta.
es: planta de interior
= Plantas de interior con poca luz
= Una planta para el interior de la casa
≠ La planta de arriba tiene el interior pintado.
≠ El Ministerio del Interior planta árboles.
es: marca personal
= Cómo crear una marca personal
= Marcas personales que funcionan
≠ El personal marca la salida.
≠ Batió su marca con ayuda del personal.
`;
