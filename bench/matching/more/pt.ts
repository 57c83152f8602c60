/** More in Portuguese. */
export const PORTUGUESE = `
pt: licença de pesca
= A licença para a pesca no rio
= Licenças de pesca online
≠ Com licença, disse, e falou da pesca.
≠ A pesca acabou quando a licença do pai nasceu.
pt: mesa de jardim
= Uma mesa para o jardim
= Mesas de jardim em madeira
≠ O jardim fica atrás da mesa.
≠ Sentou-se à mesa e olhou o jardim.
pt: curso de inglês
= Cursos para aprender inglês
= Um curso de inglês online
≠ O inglês seguiu o curso do rio.
≠ Em inglês, no curso da tarde
`;
