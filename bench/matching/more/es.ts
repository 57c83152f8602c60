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
`;
