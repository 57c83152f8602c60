/** Pairs that are easily got wrong, in Portuguese. A keyword in every second place belongs to the half that no rule was made by. */
export const PORTUGUESE = `
pt: carro usado
= Carros usados com garantia
= Um carro já usado
≠ A carroça usa rodas.
≠ Ele usa o carrinho.
pt: conta bancária
= Contas bancárias sem custos
= Uma conta numa entidade bancária
≠ Ele conta que a bancada caiu.
≠ Deu-se conta do banco vazio.
pt: vinho tinto
= Vinhos tintos da região
= Um tinto é um vinho encorpado
≠ A tinta da vinha
≠ O vizinho tinha tudo.
pt: aula de canto
= Aulas de canto para adultos
= Uma aula para aprender canto
≠ No canto da aula
≠ O encanto da jaula
pt: fazer pão
= Como se faz pão
= Fazendo pão em casa
≠ A fazenda e o pau
≠ O padeiro desfez o laço.
pt: casa de férias
= Casas de férias junto ao mar
= Uma casa para as férias
≠ Casa-se na feira.
≠ O caso do ferido
pt: livro de receitas
= Livros de receitas antigas
= Um livro com receitas
≠ A livraria receita leituras.
≠ Livre das receitas do Estado
pt: limpar o forno
= Como limpar bem o forno
= O forno limpa-se com vinagre.
≠ O fornecedor de limas
≠ Informou que estava limpo.
pt: porta blindada
= Portas blindadas para casas
= Uma porta que é blindada
≠ O porto e o blindado
≠ Porta-se bem; o colete é blindado? Não.
pt: cadeira de rodas
= Cadeiras de rodas dobráveis
= Uma cadeira com rodas
≠ A roda de samba sem cadeira
≠ O cadeado rodou.
pt: aprender a nadar
= Aprendendo a nadar em adulto
= Aprende-se a nadar no verão.
≠ Não aprende nada.
≠ Nada a aprender
pt: plano de negócios
= Planos de negócio para lojas
= Um plano para o negócio
≠ A planta da negociação
≠ Um terreno plano e um não negociável
pt: cópia de segurança
= Cópias de segurança todas as noites
= Uma cópia por segurança
≠ Seguramente um copo
≠ O seguro cobre copos.
pt: mesa de madeira
= Mesas feitas de madeira
= Uma mesa em madeira
≠ A mesada da madrinha
≠ O mês da madrugada
pt: sapatos de corrida
= Um sapato para a corrida
= Sapatos de corrida leves
≠ O corredor do sapateiro
≠ Corrigida a sapata
pt: fim de semana
= Fins de semana no campo
= Um fim-de-semana prolongado
≠ No fim, uma semana inteira de chuva
≠ A semente e o afim
pt: guarda-chuva
= Guarda-chuvas grandes
= Um guarda chuva preto
≠ O guarda parou por causa da chuva.
≠ Guarda o casaco, vem chuva.
pt: mudança de casa
= Mudanças de casa baratas
= A mudança para a nova casa
≠ Mudo, o casal saiu.
≠ Os casos mudaram.
pt: seguro automóvel
= Seguros de automóvel
= O seguro do seu automóvel
≠ Segurou a porta do prédio.
≠ Segue o automobilista.
pt: curso de cozinha
= Cursos de cozinha para crianças
= Um curso onde se aprende cozinha
≠ No decurso da noite cozinhou.
≠ O cozido com recurso
pt: ganhar dinheiro
= Como ganhar dinheiro com fotos
= O dinheiro que se ganha
≠ O gancho do dinamite
≠ A ganância endinheirada
pt: tempo livre
= Os tempos livres das crianças
= O tempo que fica livre
≠ A tempestade livrou o vale.
≠ O livro do temporal
pt: criação de galinhas
= Criar galinhas: a criação
= A criação de uma galinha
≠ A criança e a galeria
≠ O criado e o galo
pt: ler notícias
= Onde ler as notícias
= Lendo notícias no telemóvel
≠ A leria do notário
≠ Noticiou o leilão.
pt: cortar o cabelo
= Como cortar cabelo em casa
= O cabelo cortado curto
≠ A cortina e o cabo
≠ O corte do cabedal
`;
