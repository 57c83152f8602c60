/** A second set in Portuguese: no rule was made by them. */
export const PORTUGUESE = `
pt: mesa de jantar
= Mesas de jantar extensíveis
= Uma mesa para o jantar de família
≠ O jantar acabou e a mesa diretora reuniu.
≠ Jantei longe da mesa.
pt: curso de inglês
= Cursos de inglês online
= Um curso para aprender inglês
≠ No curso do rio, um inglês pescava.
≠ A moeda inglesa em curso
pt: casa de banho
= Casas de banho pequenas
= Renovar a casa de banho
≠ Em casa, depois do banho de mar
≠ Ele casa-se; ela toma banho.
pt: folha de cálculo
= Folhas de cálculo para o orçamento
= Uma folha de cálculo gratuita
≠ A folha caiu enquanto eu fazia um cálculo.
≠ Um cálculo renal e folhas de chá
pt: bicicleta elétrica
= Bicicletas elétricas para a cidade
= Quanto custa uma bicicleta elétrica?
≠ O eletricista veio de bicicleta.
≠ A rede elétrica e a bicicleta do vizinho
pt: seguro de viagem
= Seguros de viagem comparados
= Um seguro para a viagem
≠ Ele viajava seguro de si.
≠ Seguro a mala durante a viagem.
`;
