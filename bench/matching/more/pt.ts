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
pt: aluguer de carros
= Alugar um carro por um dia
= O aluguer de um carro sem caução
≠ O carro ficou à porta da casa de aluguer.
≠ Pagou o aluguer e vendeu o carro.
pt: cozinhar arroz
= Como se cozinha o arroz
= Arroz cozinhado no forno
≠ A cozinha cheira a arroz.
≠ O cozinheiro comprou arroz.
pt: mesa de centro
= Uma mesa para o centro da sala
= Mesas de centro em vidro
≠ No centro não há mesa livre.
≠ A mesa de voto do centro abre às oito.
pt: relógio de parede
= Um relógio para a parede da cozinha
= Relógios de parede antigos
≠ O relógio caiu junto à parede.
≠ A parede tapa o relógio da torre.
pt: perder peso
= Como perdi peso sem dieta
= A perda de peso no verão
≠ Perdeu o comboio por causa do peso da mala.
≠ O peso da bola perde-se no ar.
pt: cartão de visita
= Cartões de visita em papel grosso
= Um cartão para as suas visitas
≠ Visitou a cidade com um cartão na mão.
≠ A visita é grátis com o cartão do museu.
pt: trocar o pneu
= Como se troca um pneu
= Trocar os pneus no inverno
≠ Trocou de ideias ao lado do pneu.
≠ O pneu furou na troca de turno.
pt: candeeiro de mesa
= Um candeeiro para a mesa
= Candeeiros de mesa em latão
≠ O candeeiro caiu sobre a mesa.
≠ A mesa fica debaixo do candeeiro.
pt: aulas de piano
= Uma aula de piano para crianças
= Aulas para aprender piano
≠ A aula ouviu um piano.
≠ Um piano na sala de aula
pt: cadeira alta
= Uma cadeira mais alta para o bebé
= Cadeiras altas dobráveis
≠ A cadeira está debaixo da janela alta.
≠ Em voz alta, pediu uma cadeira.
pt: preparar uma entrevista
= Como preparo uma entrevista
= Preparar bem a entrevista de emprego
≠ Preparou o jantar durante a entrevista.
≠ A entrevista acabou, e ela preparou as malas.
pt: faca de pão
= Uma faca para o pão
= Facas de pão com dentes
≠ A faca está junto ao pão.
≠ O pão tapa a faca.
pt: máquina de café
= Uma máquina para fazer café
= Máquinas de café para o escritório
≠ O café está junto à máquina.
≠ A máquina parou em frente ao café.
pt: alugar um quarto
= Como alugo um quarto
= Um quarto para alugar
≠ Aluga uma bicicleta e deixa o quarto.
≠ No quarto andar alugam carros.
pt: carta de apresentação
= Uma carta para se apresentar
= Cartas de apresentação com exemplos
≠ Na apresentação leu uma carta.
≠ A carta chegou depois da apresentação.
pt: tapete de banho
= Um tapete para o banho
= Tapetes de banho em algodão
≠ O tapete está longe do banho.
≠ Ele toma banho e o tapete seca.
pt: escrever um blogue
= Como escrevo um blogue
= Escrever um blogue de viagens
≠ Escreveu uma carta ao blogue.
≠ No blogue escrevem poetas.
pt: cadeado de bicicleta
= Um cadeado para a bicicleta
= Cadeados de bicicleta no teste
≠ O cadeado caiu da bicicleta.
≠ A bicicleta e o cadeado da porta
pt: banco de jardim
= Um banco para o jardim
= Bancos de jardim em teca
≠ O banco fechou e o jardim ficou aberto.
≠ O jardim fica longe do banco.
pt: limpar o tapete
= Como limpo o tapete
= Limpar tapetes a vapor
≠ Limpa a janela atrás do tapete.
≠ O tapete seca e ela limpa a cozinha.
pt: casaco de chuva
= Um casaco para a chuva
= Casacos de chuva para crianças
≠ À chuva perdeu o casaco.
≠ O casaco secou quando parou a chuva.
pt: curso de línguas
= Um curso para aprender línguas
= Cursos de línguas à noite
≠ A língua muda no curso do tempo.
≠ As línguas seguem o seu curso.
pt: faca de cozinha
= Uma faca para a cozinha
= Facas de cozinha afiadas
≠ Na cozinha falta uma faca.
≠ A faca fica fora da cozinha.
pt: criar um cartaz
= Como crio um cartaz
= Criar cartazes online
≠ Cria joias em frente a um cartaz.
≠ O cartaz diz que ela cria.
pt: máquina de lavar
= Máquinas para lavar roupa
= Qual máquina lava melhor?
≠ Lavou a máquina fotográfica.
≠ A máquina parou enquanto ela lavava a loiça.
pt: mesa de jantar
= Uma mesa para o jantar de oito pessoas
= Mesas de jantar redondas
≠ Jantou longe da mesa.
≠ Depois do jantar, limpou a mesa de ferramentas.
pt: seguro de carro
= Seguros para carros antigos
= Como segurar o seu carro por menos
≠ O carro ficou seguro na garagem.
≠ Seguro do que dizia, vendeu o carro.
pt: plano de treino
= Um plano para treinar em casa
= Planos de treino de dez semanas
≠ No plano inclinado, o treino é pesado.
≠ O treinador planou no parapente.
pt: café em grão
= Grãos de café acabados de torrar
= Que café em grão comprar?
≠ Um grão de areia caiu no café.
≠ Comeu grão e bebeu café.
pt: receita de bolo
= Receitas para um bolo simples
= Uma receita de bolo sem ovos
≠ O médico passou a receita e ela comeu o bolo.
≠ A receita do Estado não é um bolo para repartir.
pt: ponto de venda
= Pontos para a venda de bilhetes
= O ponto de venda mais próximo
≠ A ponto de chorar, fez a venda.
≠ Pontuou a venda com cinco estrelas.
pt: curso de c#
= Cursos de C# para iniciantes
= Um curso para aprender C#
≠ O ano em curso começou em dó.
≠ O curso do rio passa pela casa C.
pt: limpar sofá
= Como se limpa um sofá?
= Limpeza do sofá a seco
≠ Sentou-se no sofá limpo do hotel.
≠ Limpou a cozinha e dormiu no sofá.
pt: aluguer de bicicletas
= Alugar uma bicicleta na praia
= Bicicletas de aluguer
≠ O aluguer subiu e ele vendeu a bicicleta.
≠ Foi de bicicleta pagar o aluguer.
pt: cama de casal
= Camas para um casal
= Uma cama de casal com gavetas
≠ O casal saiu da cama cedo.
≠ Casou e comprou uma cama.
pt: óleo do motor
= Mudar o óleo ao motor
= Que óleo leva o motor?
≠ O motor de busca não achou o óleo.
≠ Fritou em óleo enquanto o motor arrefecia.
pt: passeio de barco
= Passear de barco no rio
= Passeios de barco ao luar
≠ O barco partiu e o passeio acabou.
≠ No passeio da rua pintou um barco.
pt: casa de banho
= Casas de banho pequenas
= Renovar a casa de banho
≠ Tomou banho longe de casa.
≠ Banhou o cão e voltou a casa.
pt: roupa de cama
= Roupas para a cama
= Lavar a roupa de cama
≠ Deixou a roupa e fez a cama.
≠ A cama tem roupa do gato.
pt: aula de dança
= Aulas para dançar
= Aulas de dança para idosos
≠ A dança interrompeu a aula.
≠ Dançou fora da aula.
pt: carta de condução
= Tirar a carta de condução
= Cartas de condução estrangeiras
≠ A carta dela conduz ao tesouro.
≠ A condução da carta ao correio
pt: papel de parede
= Papéis para a parede
= Colar papel de parede
≠ O papel dela no filme está na parede.
≠ Encostado à parede, leu o papel.
pt: sapatos de dança
= Sapatos para dançar
= Qual sapato de dança escolher
≠ Dança sem olhar para os sapatos.
≠ A dança acabou e ele tirou os sapatos.
pt: aluguer de bicicletas
= Alugue uma bicicleta
= Bicicletas para alugar
≠ Alugou um quarto e vendeu a bicicleta.
≠ A bicicleta está na casa que aluga.
pt: conta poupança
= Contas para poupar
= Abrir uma conta de poupança
≠ Conta que poupou pouco.
≠ Por sua conta, a poupança baixou.
pt: cartão de oferta
= Ofereça um cartão
= Cartões de oferta para todos
≠ A oferta caduca e o cartão também.
≠ Pagou com cartão e recebeu uma oferta.
pt: curso de cozinha
= Cursos para aprender a cozinhar
= Um curso sobre cozinha vegana
≠ No curso do dia limpou a cozinha.
≠ O cozinheiro seguiu o seu curso.
pt: máquina de lavar
= Máquinas para lavar a roupa
= Que máquina de lavar comprar
≠ Lava o carro ao lado da máquina.
≠ A máquina parou e ele lavou as mãos.
pt: seguro automóvel
= Seguros para o seu automóvel
= Segurar o automóvel
≠ Sentiu-se seguro no automóvel.
≠ O automóvel parou em lugar seguro.
pt: curso de natação
= Cursos para aprender a nadar
= Um curso de natação para crianças
≠ No curso do verão, pouca natação.
≠ Nada o preocupa durante o curso.
pt: creme solar
= Cremes para o sol
= Que creme solar usar
≠ O creme derreteu ao sol.
≠ O sistema solar é um creme.
pt: mesa de jardim
= Mesas para o jardim
= Uma mesa de jardim dobrável
≠ Pôs a mesa e saiu para o jardim.
≠ O jardim está em cima da mesa da câmara.
pt: limpeza de vidros
= Limpar os vidros sem marcas
= A limpeza dos vidros
≠ O vidro partiu e a limpeza parou.
≠ A sala limpa tem um copo de vidro.
pt: receita de pão
= Receitas para fazer pão
= Uma receita de pão sem glúten
≠ O médico passou a receita e comeu pão.
≠ A receita do Estado paga o pão.
pt: cadeira de escritório
= Cadeiras para o escritório
= Uma cadeira de escritório confortável
≠ Saiu do escritório e tropeçou na cadeira.
≠ O escritório fica atrás da cadeira do barbeiro.
pt: berço de bebé
= Berços para bebés
= Um berço para o bebé
≠ O bebé chorou no berço da civilização.
≠ Vendeu o berço e levou o bebé.
pt: aluguer de casas
= Alugar uma casa na praia
= Casas para alugar
≠ A casa fica ao lado de um carro de aluguer.
≠ O aluguer subiu, e a casa ruiu.
pt: lavagem de carros
= Lave o carro à mão
= Como se lavam os carros
≠ O carro parou à frente do lavatório.
≠ Lavou as mãos e entrou no carro.
pt: impressão de fotos
= Imprimir fotos em tela
= Impressões de fotografias
≠ Tive a impressão de que a foto era falsa.
≠ A imprensa viu a foto.
pt: carteira de homem
= Carteiras para homem em pele
= Uma carteira de homem fina
≠ O homem perdeu a carteira.
≠ A carteira de ações do homem de negócios
pt: pintar uma parede
= Como pintar paredes
= A pintura de uma parede
≠ O pintor encostou-se à parede.
≠ A parede está nua e a pintura foi vendida.
pt: voos baratos
= Voos muito baratos
= Os voos mais baratos
≠ O voo partiu e o café era barato.
≠ Voltou a casa com um livro barato.
pt: aprender guitarra
= Aprender a tocar guitarra
= Aprenda guitarra em casa
≠ Aprendeu que a guitarra era falsa.
≠ O aprendiz vende a guitarra.
pt: pão sem glúten
= Pães sem glúten
= Pão feito sem glúten
≠ Sem pão, comeu glúten.
≠ O pão tem glúten, sem dúvida.
pt: plantar tomates
= Quando plantar tomates
= Plante um tomate num vaso
≠ A planta do pé e o tomate
≠ Na planta da casa, tomates pintados.
pt: iluminação de jardim
= Iluminar o jardim sem cabos
= Uma iluminação para o jardim
≠ A ideia iluminou-lhe o rosto no jardim.
≠ O jardim tem um iluminado dono.
pt: comparador de preços
= Comparar preços antes de comprar
= Comparadores de preços na internet
≠ O preço não tem comparação.
≠ Comparada com ele, ela não tem preço.
pt: licença de pesca
= Uma licença para pescar no rio
= Onde pedir a licença de pesca
≠ Pediu licença e foi comer pescada.
≠ A pesca foi má, com licença do mar.
pt: custos de envio
= Os custos do envio
= Quanto custa enviar uma encomenda: custos de envio
≠ Custa crer que enviou flores.
≠ O envio chegou a custo.
pt: limpeza de forno
= Limpar o forno com limão
= A limpeza do forno
≠ O forno está ao lado do balde de limpeza.
≠ O filme foi um forno, de limpa plateia.
pt: cadeira de criança
= Cadeiras para crianças
= Uma cadeira para a criança
≠ A criança caiu da cadeira do avô.
≠ A criança riu e a cadeira partiu.
pt: tábua de engomar
= Uma tábua para engomar
= Que tábua de engomar comprar
≠ Engoma a camisa debaixo da tábua.
≠ A tábua da mesa foi ao ferro de engomar.
pt: papel de impressora
= Papel para a impressora
= Que papel usa a impressora
≠ A impressora tem um grande papel.
≠ O papel está atrás da impressora.
pt: anel de noivado
= Anéis para o noivado
= Um anel de noivado em ouro
≠ O noivado acabou e ela deitou fora o anel.
≠ O anel do rei, o noivado da filha
pt: luvas de boxe
= Luvas para o boxe
= Luvas de boxe para crianças
≠ O boxe assenta-lhe como uma luva.
≠ Tirou as luvas e foi ao boxe.
pt: cartão de visita
= Cartões de visita baratos
= Imprimir um cartão de visita
≠ Visita a cidade com cartão.
≠ A visita paga com cartão.
pt: jardim de rosas
= Um jardim cheio de rosas
= Jardins com rosas
≠ O jardim é cor-de-rosa.
≠ A rosa dos ventos e o jardim
pt: discurso de casamento
= Discursos para um casamento
= Escrever um discurso de casamento
≠ O casamento acabou e o discurso começou.
≠ O discurso do rei sobre o casamento
pt: azulejos de cozinha
= Azulejos para a cozinha
= Pôr azulejos na cozinha
≠ A cozinha fica ao lado da loja de azulejos.
≠ Partiu um azulejo e saiu da cozinha.
pt: aulas de bateria
= Aulas para tocar bateria
= Uma aula de bateria na internet
≠ A bateria do telemóvel morreu na aula.
≠ A aula acabou, a bateria também.
pt: teste de alergia
= Testes para alergias
= Fazer um teste de alergia
≠ A alergia pôs-no à prova.
≠ O teste acabou, a alergia não.
pt: contrato de telemóvel
= Um contrato para o seu telemóvel
= Contratos de telemóvel baratos
≠ Contratou um guarda e perdeu o telemóvel.
≠ O telemóvel toca, o contrato espera.
pt: fotografia de rua
= Fotografar a rua
= A fotografia na rua
≠ O fotógrafo mora nesta rua.
≠ A rua está na fotografia do juiz.
pt: varão de cortina
= Varões para cortinas
= Um varão de cortina fino
≠ A cortina caiu sobre o varão da loja.
≠ O varão da família fechou a cortina.
pt: doação de sangue
= Doar sangue perto de si
= Doações de sangue
≠ O sangue frio e uma doação à igreja
≠ Doou um quadro de sangue azul.
pt: taxa de juro
= As taxas de juro sobem
= Uma taxa de juro fixa
≠ Juro que a taxa é falsa.
≠ A taxa caiu, juro!
pt: professor de música
= Professores de música em casa
= Um professor para a música
≠ O professor desliga a música.
≠ A música abafa o professor.
pt: lavagem de cara
= Como lavar a cara
≠ A roupa lavada é cara.
≠ Lavou as mãos, de cara feia.
pt: voo direto
= Voos diretos para a ilha
≠ Foi direto ao voo.
≠ O voo passa em direto na televisão.
pt: copo de vinho
= Copos para vinho tinto
≠ O vinho manchou o copo de água.
≠ Um copo partido, um vinho mau
pt: banco de madeira
= Bancos de madeira para jardim
≠ O banco vende madeira.
≠ A madeira está no banco.
pt: pôr do sol
= Ver o pôr do sol
≠ Foi pôr a mesa ao sol.
≠ O sol fez pôr o chapéu.
pt: sala de espera
= Salas de espera com jogos
≠ Espera na sala.
≠ A sala espera obras.
pt: carta registada
= Cartas registadas
≠ A carta não está no correio registado.
≠ Registou que a carta era sua.
pt: vender casa
= Vender a casa depressa
≠ A casa vende sapatos.
≠ Vendeu bolos de casa em casa.
pt: abrir uma conta
= Como abrir uma conta
= A abertura de uma conta
≠ Abriu a porta e deu conta do erro.
≠ A conta abriu uma discussão.
pt: mudar um pneu
= Mudar os pneus em casa
= Como se muda um pneu
≠ O pneu não muda nada.
≠ Muda de ideias junto ao pneu.
pt: poupar dinheiro
= Poupe dinheiro em casa
= Como poupar mais dinheiro
≠ O dinheiro não poupa penas.
≠ Poupa palavras, pede dinheiro.
pt: alugar um quarto
= Alugar quartos a estudantes
= O aluguer de um quarto
≠ O quarto está numa casa de aluguer.
≠ Alugou um carro e deixou o quarto.
pt: reservar um voo
= Reservar voos baratos
= Como se reserva um voo
≠ O voo reserva surpresas.
≠ Reserva a mesa antes do voo.
pt: pintar uma cerca
= Pintar a cerca do jardim
= Como pintar cercas de madeira
≠ A cerca pinta pouco aqui.
≠ Pinta um gato à frente da cerca.
pt: máquina de lavar
= Máquinas de lavar silenciosas
= Uma máquina para lavar roupa
≠ A lavandaria tem uma máquina de café.
≠ Ele lava a máquina fotográfica.
pt: carta de condução
= Renovar a carta de condução
= As cartas de condução estrangeiras
≠ Escreveu uma carta sobre a condução do processo.
≠ O condutor recebeu uma carta.
pt: sala de espera
= A sala de espera do médico
= Salas de espera confortáveis
≠ Espera na sala de reuniões.
≠ O sal espera na mesa.
pt: conta poupança
= Contas poupança sem taxas
= Uma conta para a poupança
≠ Conta como poupa.
≠ Deu conta da poupança do irmão.
pt: curso de cozinha
= Cursos de cozinha para crianças
= Um curso para cozinhar melhor
≠ No curso da tarde limpou a cozinha.
≠ O cozinheiro cursou direito.
pt: abre-latas
= Um abre-latas elétrico
= Abre-latas para canhotos
≠ Abre as latas com cuidado.
≠ A lata não abre.
pt: conserto de telemóveis
= Consertar um telemóvel molhado
= Consertamos telemóveis na hora.
≠ O conserto do carro foi marcado por telemóvel.
≠ Ouviu o concerto no telemóvel.
pt: banco de jardim
= Um banco para o jardim
≠ O banco pagou o jardim.
≠ Os jardineiros foram ao banco.
pt: fechadura de porta
= Trocar a fechadura da porta
≠ Fecha a porta.
≠ A porta estava fechada.
pt: preço da luz
= O preço da luz sobe.
≠ O preço veio à luz.
≠ Não há luz a nenhum preço.
pt: aluguer de carros
= Alugar um carro na estação
≠ O inquilino aluga casa e lava o carro.
≠ O carro do senhorio vale o aluguer.
pt: fogão a lenha
= Um fogão que queima lenha
≠ A lenha fica longe do fogão.
≠ O lenhador comprou um fogão.
pt: aulas de dança
= Aulas para dançar salsa
≠ Depois da aula, dançam.
≠ A dança começou fora da aula.
pt: vela perfumada
= Velas perfumadas para a casa de banho
≠ O barco à vela levava perfumes.
≠ Vela pela filha perfumada.
pt: livro didático
= Livros didáticos usados
≠ Livrou-se do didático professor.
≠ A didática do livreiro
pt: manga curta
= Camisas de manga curta
≠ Comi uma manga num dia curto.
≠ A curta história da manga
pt: pilha recarregável
= Pilhas recarregáveis para crianças
≠ Uma pilha de livros sobre um telemóvel recarregável
≠ Pilhas de roupa e um rádio recarregável
pt: limpeza de calhas
= Limpar as calhas no outono
= A limpeza da calha
≠ Calha bem que a limpeza é hoje.
≠ A limpeza da casa e as calhas
pt: aulas de canto
= Aulas para aprender a cantar
= Aulas de canto para adultos
≠ No canto da aula estava um gato.
≠ A aula acabou com o canto dos pássaros.
pt: conta poupança
= Contas poupança para jovens
≠ Ele conta que a poupança acabou.
≠ No fim de contas, a poupança é pouca.
pt: aluguer de carro
= Alugar um carro no Porto
= Carros de aluguer
≠ O carro está na rua e o aluguer sobe.
≠ Paga o aluguer no carro.
pt: carta de apresentação
= Como escrever cartas de apresentação
= Uma carta para a apresentação do candidato
≠ Apresentou a carta de condução.
pt: banco de jardim
= Bancos para o jardim
= Um banco de jardim em madeira
≠ O banco fica junto ao jardim.
≠ O jardim do banco central
pt: máquina de costura
= Máquinas para costurar
= Uma máquina de costura usada
≠ A costura da saia rasgou-se na máquina.
≠ Costura à mão e lava à máquina.
pt: troca de óleo
= Trocar o óleo do motor
= A troca do óleo
≠ Em troca deu-lhe óleo.
≠ O óleo secou e a troca falhou.
pt: bolsa de estudo
= Bolsas de estudo para alunos
= Uma bolsa para estudar fora
≠ O estudo diz que a bolsa caiu.
≠ A bolsa ficou no estúdio.
pt: papel de parede
= Papéis de parede para o quarto
= Colar papel na parede da sala
≠ O papel da parede na acústica
≠ Fez o papel de pedreiro na parede.
pt: construir uma casa
= Como construir a sua casa
= A construção de uma casa
≠ A casa fica perto do prédio em construção.
≠ Construiu um muro em casa.
pt: aulas de condução
= Aulas para aprender a conduzir
= Aulas de condução no Porto
≠ A aula conduz à reflexão.
≠ A condução do processo e a aula
pt: jogo de cartas
= Um jogo com cartas
= Jogos de cartas para dois
≠ A carta está em jogo.
≠ Jogou fora a carta.
pt: cortar vidro
= Como cortar vidros
= Vidro cortado à medida
≠ Cortou-se no vidro.
≠ Cortou o pão e partiu um vidro.
pt: candeeiro de leitura
= Candeeiros para ler na cama
= Um candeeiro de leitura
≠ A leitura acabou quando o candeeiro caiu.
≠ O candeeiro da sala de leitura
pt: sapatos de trabalho
= Sapatos para o trabalho
= Sapatos de trabalho seguros
≠ O trabalho acabou, os sapatos estão molhados.
≠ Trabalha com os sapatos do pai.
pt: poupar água
= Poupe água no banho
= Formas de poupar água
≠ Poupa dinheiro e bebe água.
≠ A água acabou e ele poupa.
pt: pintar uma parede
= Como se pinta uma parede
= Paredes pintadas de branco
≠ Pintou um quadro na parede.
≠ A parede está nua e ela pinta o cabelo.
pt: aumento salarial
= Pedir um aumento de salário
= Aumentos salariais na saúde
≠ O aumento da renda é maior que a média salarial.
≠ A tabela salarial e o aumento da água
pt: cortar relva
= Como cortar a relva
= Corte de relva no verão
≠ Cortou a mão na relva.
≠ A relva cresce e ele corta lenha.
pt: chávena de café
= Chávenas para café
= Uma chávena de café expresso
≠ O café fechou e a chávena partiu-se.
≠ Bebeu café por uma chávena de chá.
pt: trela para cães
= Trelas para cão
= Uma trela para o seu cão
≠ O cão deu trela ao gato.
≠ Sem trela, os cães fogem.
pt: bilhete de comboio
= Bilhetes de comboio
= Comprar bilhete para o comboio
≠ No comboio perdeu o bilhete do teatro.
≠ O comboio partiu e ele leu o bilhete.
pt: porta de entrada
= Portas de entrada em madeira
= A porta da entrada
≠ A entrada custa dinheiro à porta.
≠ Entrada livre, porta fechada
pt: creme de mãos
= Cremes para as mãos
= Um creme para mãos secas
≠ Pôs creme na sopa com as mãos.
≠ Mãos ao alto, o creme é meu.
pt: lavagem de carros
= Lavar o carro em casa
= A lavagem do seu carro
≠ Lavagem de dinheiro num carro
≠ O carro levou-o à lavagem da roupa.
`;
