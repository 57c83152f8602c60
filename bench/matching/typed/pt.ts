/** Keywords as people type them in Portuguese. */
export const PORTUGUESE = `
pt: preço reforma cozinha
= O preço da reforma de uma cozinha
= Qual o preço para reformar uma cozinha?
= Reforma de cozinha: preços
pt: lista de mudança
= Uma lista para sua mudança
= Listas de mudança
pt: escrever uma carta de apresentação
= Como escrever uma carta de apresentação
= Escreva sua carta de apresentação
= Cartas de apresentação bem escritas
pt: criar um site
= Como criar um site
= Crie seu site
= A criação de um site
= Criação de sites
pt: organizar um casamento
= Como organizar um casamento
= A organização de um casamento
= Organize seu casamento
pt: café da manhã saudável
= Um café da manhã saudável
= Cafés da manhã saudáveis
pt: programa de faturação
= Programas de faturação
= Um programa para faturar
= Programas para suas faturas
pt: limpar o forno
= Como limpar o forno
= Limpeza do forno
= Limpe seu forno sem produtos
= Um forno limpo
pt: cancelar um seguro
= Como cancelar um seguro
= Cancelamento de um seguro
= Cancele seu seguro
pt: cortar a grama
= Quando cortar a grama
= O corte da grama
= Corte sua grama na primavera
= Grama cortada
pt: aprender inglês
= Como aprender inglês rápido
= Aprenda inglês em casa
= O aprendizado do inglês
= Aprendendo inglês
pt: receitas fáceis
= Uma receita fácil
= Receitas muito fáceis
= Receitas fáceis de fazer
pt: economizar energia
= Como economizar energia
= Economia de energia
= Economize energia em casa
pt: comprar carro usado
= Como comprar um carro usado
= A compra de um carro usado
= Compre seu carro usado
= Comprar carros usados
pt: perder peso
= Como perder peso
= A perda de peso
= Perca peso sem dieta
pt: dormir melhor
= Como dormir melhor
= Durma melhor
= Dicas para dormir melhor
pt: investir dinheiro
= Como investir seu dinheiro
= Invista dinheiro a longo prazo
= O investimento de dinheiro
pt: bolo sem glúten
= Um bolo sem glúten
= Bolos sem glúten
= Bolo de chocolate sem glúten
pt: dor nas costas cadeira de escritório
= Uma cadeira de escritório contra dor nas costas
= Dor nas costas: qual cadeira de escritório?
pt: consertar torneira pingando
= Como consertar uma torneira pingando
= Conserte sua torneira pingando
pt: tirar manchas de vinho
= Como tirar uma mancha de vinho
= Tire manchas de vinho
= Manchas de vinho: como tirar
pt: lançar um podcast
= Lançar seu podcast
= Lance seu podcast
= O lançamento de um podcast
pt: modelo de contrato freelancer
= Um modelo de contrato para freelancer
= Modelos de contratos de freelancer
= Contrato de freelancer: modelo
pt: baixar a pressão
= Como baixar a pressão
= Baixe sua pressão
pt: pedido de passaporte
= Pedir um passaporte
= Como pedir seu passaporte
= Pedidos de passaporte
pt: motivar funcionários
= Como motivar seus funcionários
= A motivação dos funcionários
= Funcionários motivados
pt: pneu de bicicleta
= Pneus para bicicletas
= O pneu da bicicleta furou.
= Trocar os pneus da sua bicicleta
≠ A bicicleta passou pelo pneu do carro.
pt: declaração de renda
= Declarar a renda
= Como declarar sua renda
= Declarações de renda
≠ Ele declarou amor à moça que vendia renda.
≠ A declaração do presidente sobre a renda da toalha
pt: pintar a casa
= Como pintar uma casa
= Pintura da casa
= Casas pintadas de branco
= Pinte a casa antes do verão.
≠ Pintou um problema na casa dele.
≠ A pintura na parede da casa é de um artista famoso.
pt: banco de dados
= Bancos de dados
= O banco com todos os dados
≠ O banco da praça e os dados de jogar
≠ Dados do banco central mostram alta.
≠ Ele sentou no banco e jogou os dados.
pt: conta de luz
= Contas de luz
= A conta da luz subiu.
≠ Ele conta que a luz acabou.
≠ A luz se apagou por conta da chuva.
≠ Faz de conta que há luz.
pt: manga rosa
= Mangas rosas
= Manga do tipo rosa
≠ A blusa de manga tem uma rosa.
≠ Ele arregaçou as mangas e plantou uma rosa.
pt: limpeza de sofá
= Limpar o sofá
= Sofás limpos a seco
= Como limpar um sofá
≠ O sofá fica ao lado do produto de limpeza.
≠ Tirou o jogo a limpo no sofá.
pt: aluguel de carros
= Alugar um carro
= Carros alugados
= Carro para alugar
≠ O aluguel da casa é mais caro que o carro.
≠ Ele alugou o apartamento e vendeu o carro.
pt: aula de canto
= Aulas de canto
= Aulas para cantar melhor
≠ No canto da sala de aula
≠ Ele ficou no canto durante a aula.
pt: serviço de pintura
= Serviços de pintura
= Serviço para pintar paredes
≠ Serve a pintura de enfeite.
≠ O quadro é uma pintura que serviu de modelo.
pt: cortar cabelo
= Como cortar o cabelo
= Corte de cabelo
= Cabelos cortados
= Corte seu cabelo em casa.
≠ Ele cortou a conversa e mexeu no cabelo.
≠ A corte usava perucas e cabelo falso.
pt: planta baixa
= Plantas baixas
= A planta baixa da casa
≠ A planta ficou mais baixa que o muro.
≠ Ele planta milho em baixa altitude.
pt: seguro viagem
= Seguros para viagens
= Seguro de viagem
≠ Não é seguro viajar agora.
≠ Viaje seguro.
pt: reforma da cozinha
= Reformar a cozinha
= Cozinhas reformadas
= Reformas de cozinha
≠ Ela se reformou e agora cozinha.
≠ A reforma da lei e a cozinha
pt: ração para gato
= Rações para gatos
= Ração de gato
≠ O gato comeu a ração do cachorro.
≠ Fez gato e sapato da ração.
pt: curso de direção
= Cursos de direção
= Curso para dirigir melhor
≠ O rio mudou de curso em direção ao mar.
≠ Em curso, a direção da empresa muda.
pt: papel de parede
= Papéis de parede
= Papel para a parede
≠ Ela faz o papel de mãe contra a parede.
≠ O papel ficou colado à parede da sala.
pt: venda de imóveis
= Vender imóveis
= Imóveis vendidos
= Imóvel à venda
≠ A venda nos olhos e os imóveis
≠ Ele ficou imóvel, com uma venda nos olhos.
pt: roupa de cama
= Roupas de cama
≠ A roupa ficou em cima da cama.
≠ Ele ficou de cama, sem roupa limpa.
pt: fazer compras
= Compras que fizemos
= Como fazer as compras do mês
≠ Ela faz bolos e compra pão.
≠ Ele compra o que faz falta.
pt: mangueira de jardim
= Mangueiras para jardim
= A mangueira do jardim
≠ A mangueira deu frutos no jardim.
≠ Há uma mangueira carregada de mangas no jardim.
pt: água da torneira
= Água de torneira
≠ A torneira fica longe da água do rio.
pt: alugar bicicleta
= Alugar uma bicicleta
= Aluguel de bicicletas
= Bicicletas alugadas
≠ Ele aluga uma casa e anda de bicicleta.
≠ O aluguel subiu, ele vendeu a bicicleta.
pt: assar pão
= Como assar pão em casa
= Pão assado
≠ O frango assa enquanto ele corta pão.
pt: pintar parede
= Pintar uma parede
= A parede foi pintada.
≠ O pintor encostou na parede.
≠ Há pinturas na parede.
pt: plantar flores
= Plantar flores em maio
= Flores plantadas
≠ A planta não tem flores.
≠ Plantas e flores à venda
pt: ler livros
= Ler mais livros
= Livros lidos
≠ A leitura da sentença deixou os presos livres.
≠ Ele leu o jornal na livraria.
pt: limpeza de escritório
= Limpar o escritório
= Escritórios limpos
≠ O escritório vende produtos de limpeza.
pt: cortar vidro
= Cortar vidro em casa
= Vidro cortado
≠ Ele se cortou e quebrou o vidro.
pt: procurar emprego
= Como procurar emprego
= À procura de emprego
≠ Ele procura o livro no emprego.
≠ O procurador perdeu o emprego.
pt: enviar encomenda
= Enviar uma encomenda
= Encomendas enviadas
= Envio de encomendas
≠ Ele envia um convite e encomenda um bolo.
pt: melhorar o sono
= Como melhorar seu sono
≠ Ele tem sono e melhora da gripe.
pt: incêndio florestal
= Incêndios florestais
≠ O incêndio na casa do guarda florestal
pt: lavar cortinas
= Lavar cortinas a frio
= Cortinas lavadas
≠ Lavou a alma e abriu as cortinas.
pt: cancelar seguro
= Cancelar um seguro
= Cancelamento de seguro
= Seguros cancelados
≠ Cancelou a viagem, pois não era seguro.
pt: tênis de corrida
= Tênis para corridas
≠ Ele joga tênis e depois faz uma corrida.
≠ O tênis é um esporte, a corrida é outro.
pt: oferta de emprego
= Ofertas de emprego
= Empregos oferecidos
≠ Ele emprega bem a oferta da loja.
pt: bomba de ar
= Bombas de ar
≠ A bomba caiu e levantou poeira no ar.
≠ O filme foi uma bomba, ficou no ar um dia.
pt: folha de pagamento
= Folhas de pagamento
≠ As folhas caíram no dia do pagamento.
pt: rede de pesca
= Redes de pesca
≠ Ele pesca e dorme na rede.
≠ A rede social da pesca
pt: prato feito
= Pratos feitos
≠ O prato foi feito por um artesão.
≠ Feito o almoço, lavou o prato.
pt: ponto de ônibus
= Pontos de ônibus
≠ O ônibus saiu às seis em ponto.
≠ A ponto de perder o ônibus
pt: caixa de som
= Caixas de som
≠ O caixa ouviu um som.
pt: cabo de aço
= Cabos de aço
≠ Deu cabo do aço.
≠ O cabo da faca é de aço.
pt: estante de livros
= Estantes para livros
≠ Ele livrou a estante da poeira.
≠ Os livros caíram da estante no pé do gato.
pt: luminária de chão
= Luminárias de chão
≠ A luminária caiu no chão.
pt: abrir loja
= Abrir uma loja
= Abra sua loja
= A abertura de uma loja
≠ A loja está aberta.
≠ Na loja, ela abre a bolsa.
pt: aprender idioma
= Aprender um idioma
= Aprenda um novo idioma
≠ O aprendiz fala no idioma dele.
pt: arrumar a cama
= Arrumar a cama
= Arrume sua cama
≠ Ele arrumou um emprego e comprou uma cama.
pt: vender casa
= Vender a casa
= Venda sua casa
= A venda de uma casa
= Casas vendidas
≠ A loja vende lâmpadas para a casa.
≠ Com uma venda nos olhos, entrou em casa.
pt: fazer mala
= Fazer a mala
= Como fazer a mala
≠ Faz frio e a mala pesa.
≠ A mala faz parte do conjunto.
pt: trocar roupas
= Trocar de roupa
= Trocar roupas
= Troca de roupas
≠ O troco ficou no bolso da roupa.
≠ Em troca de ajuda, ganhou roupas.
pt: conta poupança
= Contas poupança
≠ Ele conta que tem uma poupança.
≠ Poupe-me das suas contas.
pt: vestido de noiva
= Vestidos de noiva
= Vestidos para noivas
≠ O noivo estava vestido de preto.
≠ Vestido às pressas, ele esqueceu a noiva.
pt: doar sangue
= Doar sangue
= Doe sangue
= Doação de sangue
≠ O sangue dói de ver.
pt: cuidar de plantas
= Cuidar das plantas
= O cuidado com as plantas
= Cuide das suas plantas
≠ Cuidado, há plantas no caminho.
≠ Ele planta milho e cuida do pai.
pt: escolher escola
= Escolher uma escola
= Escolha a escola
= A escolha de uma escola
≠ Na escola, ela escolheu um livro.
pt: cozinhar arroz
= Cozinhar arroz
= Arroz cozido
= Cozinhe o arroz
≠ O arroz fica na cozinha.
pt: linha de costura
= Linhas de costura
= Linhas para costurar
≠ Ele saiu da linha durante a costura do acordo.
≠ Em linha reta, a costura
pt: sapato de salto
= Sapatos de salto
≠ Ele deu um salto e perdeu o sapato.
pt: copo de vidro
= Copos de vidro
≠ O copo bateu no vidro.
≠ Ele pôs o copo atrás do vidro.
pt: prova de matemática
= Provas de matemática
≠ Ele prova o bolo na aula de matemática.
≠ Isso prova que a matemática serve.
pt: cerca elétrica
= Cercas elétricas
≠ Cerca de dez lojas vendem a lâmpada elétrica.
pt: pente fino
≠ O fino tecido prendeu no pente.
pt: bateria de carro
= Baterias de carros
= A bateria do carro
≠ Ele toca bateria no carro.
≠ Uma bateria de exames o espera no carro.
pt: água mineral
= Água mineral com gás
≠ A água corroeu o mineral.
pt: ar condicionado
= Ares condicionados
≠ O ar da sala foi condicionado ao uso de máscara.
pt: xícara de chá
= Xícaras de chá
= Uma xícara para chá
≠ Ele tomou chá e quebrou a xícara.
pt: capa de chuva
= Capas de chuva
= Capa para a chuva
≠ A capa da revista mostra a chuva.
≠ Choveu, e ele tirou a capa.
pt: porta de armário
= Portas de armário
= A porta do armário
≠ Ele bateu na porta e caiu o armário.
≠ O armário fica perto da porta.
pt: escrever carta
= Escrever uma carta
= Escreva uma carta
= Cartas escritas à mão
= A escrita de cartas
≠ O escritor jogou cartas.
≠ Escreve romances e joga cartas.
pt: afinar piano
= Afinar um piano
= Afine seu piano
= Pianos afinados
≠ A fina flor tocou piano.
pt: marcar consulta
= Marcar uma consulta
= Marque sua consulta
= Consultas marcadas
≠ A marca do carro e a consulta
≠ Ele consulta o mapa e marca um gol.
pt: reservar mesa
= Reservar uma mesa
= Reserve sua mesa
= Reserva de mesa
= Mesas reservadas
≠ A reserva natural e a mesa de pedra
≠ Sem reservas, ela sentou à mesa.
pt: lavar carro
= Lavar o carro
= Lave seu carro
= Lavagem de carro
= Carros lavados
≠ A lava do vulcão cobriu o carro.
pt: isolar parede
= Isolar uma parede
= Isole suas paredes
= Paredes isoladas
= Isolamento de paredes
≠ Isolado, ele olhava a parede.
pt: passear com cachorro
= Passear com o cachorro
= Passeie com seu cachorro
= Passeio com cachorro
≠ Ele passou pelo cachorro.
pt: semear grama
= Semear a grama
= Semeie a grama
= Grama semeada
≠ Pesa um grama, e ele semeia dúvida.
pt: alugar escritório
= Alugar um escritório
= Alugue um escritório
= Aluguel de escritórios
= Escritórios alugados
≠ O aluguel da casa foi pago no escritório.
pt: limpar chão
= Limpar o chão
= Limpe o chão
= Limpeza do chão
= Chão limpo
≠ O pano de limpeza caiu no chão.
pt: instalar painel solar
= Instalar um painel solar
= Instale painéis solares
= Instalação de painel solar
= Painéis solares instalados
≠ Ele se instalou sob o painel solar.
pt: colher maçãs
= Colher maçãs
= Colha suas maçãs
= Colheita de maçãs
= Maçãs colhidas
≠ A colher caiu sobre as maçãs.
≠ Uma colher de sopa e duas maçãs
pt: dividir conta
= Dividir a conta
= Divida a conta
= Contas divididas
≠ A dívida da conta
≠ Ele se deu conta da dívida.
pt: corrente de bicicleta
= Correntes de bicicleta
= A corrente da bicicleta
≠ A conta corrente paga a bicicleta.
≠ A corrente do rio levou a bicicleta.
pt: sela de cavalo
= Selas de cavalo
= Uma sela para cavalo
≠ Ele sela o acordo e monta a cavalo.
pt: manga de camisa
= Mangas de camisas
≠ Comeu uma manga e sujou a camisa.
pt: pena de ganso
= Penas de ganso
≠ Não vale a pena criar ganso.
≠ Sentiu pena do ganso.
pt: corrente de neve
= Correntes para a neve
≠ A corrente ficou sob a neve.
pt: filtro de água
= Filtros de água
= Filtrar a água
≠ Eles filtram notícias e bebem água.
pt: cartão de banco
= Cartões de banco
= O cartão do banco
≠ O cartão caiu no banco da praça.
pt: queda de energia
= Quedas de energia
= A energia caiu.
≠ Ele tem queda por doces e muita energia.
pt: procurar trabalho
= Procurar trabalho
= À procura de trabalho
≠ Ele procurou os óculos no trabalho.
pt: encontrar caminho
= Encontrar o caminho
= Encontre seu caminho
≠ Ele caminha ao encontro dela.
pt: afiar faca
= Afiar uma faca
= Afie sua faca
= Facas afiadas
≠ A língua afiada e a faca cega
pt: plantar árvore
= Plantar uma árvore
= Plante uma árvore
= Árvores plantadas
= O plantio de árvores
≠ A árvore e a planta crescem juntas.
pt: fritar peixe
= Fritar o peixe
= Peixe frito
= Frite o peixe
≠ Ele frita batatas e come peixe.
pt: pendurar quadro
= Pendurar um quadro
= Pendure o quadro
= Quadros pendurados
≠ Ele pendurou as chuteiras diante do quadro.
pt: serrar pedra
= Serrar pedra
= Pedras serradas
≠ A serra fica longe, a pedra é dura.
pt: remover cola
= Remover cola
= Remova a cola
= Remoção de cola
≠ Ele cola cartazes e remove móveis.
pt: fazer cerveja
= Fazer cerveja em casa
= Cerveja feita em casa
= Faça sua cerveja
≠ Faz calor e a cerveja acabou.
pt: derrubar parede
= Derrubar uma parede
= Derrube a parede
= Paredes derrubadas
≠ Ele derrubou o café na mesa perto da parede.
pt: compor música
= Compor uma música
= Componha sua música
= Músicas compostas
≠ A composta de frutas e a música
pt: puxar carroça
= Puxar a carroça
= Puxe a carroça
≠ Ele puxou conversa na carroça.
pt: trocar fechadura
= Trocar a fechadura
= Troque a fechadura
= Fechaduras trocadas
= A troca da fechadura
≠ Ele trocou olhares e fechou a porta.
pt: decorar bolo
= Decorar um bolo
= Decore seu bolo
= Bolos decorados
= Decoração de bolos
≠ Ele decorou o texto e comeu bolo.
≠ Sabe de cor a receita do bolo.
pt: mesa de centro
= Mesas de centro
≠ A mesa fica longe do centro.
pt: relógio de ponto
= Relógios de ponto
≠ O relógio marca seis em ponto.
pt: cama de casal
= Camas de casal
≠ O casal dorme em cama separada.
pt: campo minado
= Campos minados
≠ A mina fica longe do campo.
pt: livro de ponto
≠ A ponto de fechar o livro, ele dormiu.
`;
