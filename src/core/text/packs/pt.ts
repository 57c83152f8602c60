import { accented, list } from "./lists";
import { definePack } from "./make";
import { PORTUGUESE_SET_PHRASES } from "./setPhrases/pt";

/** Syllables of Portuguese: strong vowels part, weak ones join their neighbours unless an accent parts them. */
const NUCLEUS = /[iu]?[aeoáâàéêóôãõ](?:[iu](?![aeoáâàéêóôãõíú])|(?<=[ãõ])[oe])?|[íú]|[iu]+/gu;

/** "Vi-agem", "ca-ir": a weak vowel before a strong one, and one that closes its syllable behind one, stand alone (Acordo Ortográfico 1990, Base XX). */
const HIATUS =
  /(?<![aeoáâàéêóôãõ])(?:i|(?<![qg])u)(?=[aeoáâàéêóôãõ])|(?<=[aeo]|(?<![qg])u)(?=[iu](?:nh|[lmnrz](?![aeiouáâàéêíóôõúh])))/gu;
/** "Negó-cio", "séries": unless it ends a word that has its stress before. */
const STRESSED_BEFORE = /[áâàéêíóôú].*[iu]$/u;
const UNSTRESSED_END = /^[aeo]s?$/u;

function syllables(word: string): number {
  const lower = word.toLowerCase().normalize("NFC");
  const parted = lower.replace(HIATUS, (weak, at: number) => {
    const end = at + weak.length;
    const isOne = STRESSED_BEFORE.test(lower.slice(0, end)) && UNSTRESSED_END.test(lower.slice(end));
    return isOne ? weak : `${weak}-`;
  });
  return parted.match(NUCLEUS)?.length ?? 1;
}

/** The s of plurals in -os and -as; not that of "compramos", but that of "últimos" and "ramos". */
const PLURAL_OF_O_AND_A =
  /(?<=[a-z]{2}[oa])(?<![aei]mo)s$|(?<=^(?:(?:pen)?ultimo|otimo|maximo|minimo|proximo|intimo|i?legitimo|[a-z]+onimo|centimo|decimo|setimo|pessimo|animo|maritimo|primo|[a-z]+issimo|(?:[a-z]+)?gramo|ramo|emprestimo|acrescimo|extremo|supremo|remo))s$/;
/** Who comes from where, in any gender and number. */
const PEOPLE =
  /(?<=(?:franc|ingl|japon|portugu|irland|dinamarqu|escoc|holand|neerland|finland|island|burgu|noruegu|chin|polon|alban|camaron|congol|vien|tailand)es)(?:es|as?)$/;

/**
 * Portuguese, of Portugal and Brazil. Stemmer: Snowball's. Small words: articles, pronouns, prepositions with their
 * contractions, conjunctions, auxiliaries and the commonest adverbs.
 */
export const portuguese = definePack("pt", "Portuguese", () => ({
  stemmer: "portuguese",
  // Plurals that the stemmer knows by their accents, which are folded before.
  prepare: (word) =>
    word
      // "Identifica", "existe", whose ends the stemmer takes for a noun's
      .replace(/(?<=[a-z]{2}if|^comun|^multipl)ic(?:[ao]s?|am)$/, "icar")
      .replace(/(?<=^(?:ex|ass|res|ins|cons|pers|subs|des))iste[ms]?$/, "istir")
      // "Blogs", "links"
      .replace(/(?<=[a-z]{2}[bcdfghjkpqtvwy]|[a-z]{3}[lr])(?<!(?:bi|tri|for)cep|new)s$/, "")
      .replace(/(?<=^(?:re|le|pa|bo|hero)i)s$/, "")
      .replace(PEOPLE, "")
      .replace(PLURAL_OF_O_AND_A, "")
      // "Bancária": the stemmer would take its end for a conditional's.
      .replace(/(?<=[a-z]{3})aria$/, "ario")
      .replace(/(?:oes|aes)$/, "ao")
      .replace(/([aeou])is$/, "$1l")
      .replace(/ns$/, "m")
      .replace(/(?<=[a-z]{2}u)s$/, "")
      .replace(/(?<=[rz])es$/, ""),
  afterVowel: true,
  // Spelling that follows sound: "busque", "pague".
  finish: (stem) =>
    stem
      .replace(/(?<=[a-z]{3})[aei]r$/, "")
      .replace(/(?<=[a-z]{2})qu$/, "c")
      .replace(/(?<=[a-z]{2})gu$/, "g")
      .replace(/(?<=[a-z]{2}[^aeou])i$/, ""),
  infinitive: /[aei]r$/,
  alike: `
doer dói doem doía doeu dor dores|inscrever inscreve inscrevem inscrito inscrita inscrição inscrições|viajar viaja viajam viajou viajei viajamos viajando viajado viagem viagens|gerir gere gerem geriu gerido gestão|redigir redige redigiu redigido redação redações|emprestar empresta emprestam emprestou emprestado emprestada empréstimo empréstimos|coser cose cosem coseu cosendo cosido costura costuras costurar|
passear passeia passeiam passeio passeios passeou passeando|sortear sorteia sorteio sorteios sorteado|bloquear bloqueia bloqueio bloqueios bloqueado|pão pães|mãe mães|cheio cheia cheios cheias|oitavo oitava oitavos oitavas|samurai samurais|album albuns|álbum álbuns|mão mãos|cão cães|irmão irmãos irmã irmãs|alemão alemães alemã alemãs|homem homens|mulher mulheres|luz luzes|vez vezes|mês meses|país países|lápis|ônibus|autocarro autocarros
fazer faz fazem faço fez fizeram feito feita feitos feitas|comprar compra compram comprou comprado comprada compras|vender vende vendem vendeu vendido vendida venda vendas|escolher escolhe escolhem escolheu escolhido escolha escolhas
pôr põe põem pus posto posta postos postas|ver vê veem vejo viu visto vista vistos vistas|ler lê leem leio leu lido lida leitura leituras|escrever escreve escrevem escreveu escrito escrita escritos escritas|levar leva levam levo levou levado
manter mantém mantêm manteve mantido manutenção manutenções|reparar repara reparam reparou reparado reparação reparações reparo reparos|alugar aluga alugam alugou alugado aluguel aluguéis aluguer alugueres|limpar limpa limpam limpou limpo limpeza
custar custa custam custou custo custos|bom boa bons boas|melhor melhores|mau má maus más|pior piores|grande grandes|maior maiores|pequeno pequena pequenos pequenas|menor menores
criança crianças|filho filha filhos filhas|elétrico elétrica elétricos elétricas eléctrico eléctrica eléctricos eléctricas|ação ações acção acções|ótimo ótima óptimo óptima|direção direções direcção direcções|projeto projetos projecto projectos|atual atuais actual actuais
fácil fáceis|difícil difíceis|útil úteis|possível possíveis|móvel móveis|papel papéis|hotel hotéis|animal animais|azul azuis|foto fotos fotografia fotografias
sol sóis solar solares|nadar nadam nadou nadando nade nadem natação|poupar poupança poupanças|mudar mudança mudanças|cobrar cobrança cobranças|traduzir tradução traduções|proteger proteção proteções|construir construção construções|responder resposta respostas|defender defesa defesas|jogar jogo jogos|voar voo voos|abrir abertura aberturas|oferecer oferta ofertas|imprimir imprime imprimem imprimiu imprimindo impressão impressões
`,
  verbs: {
    agreeing: (participle) =>
      /[sth]o$/.test(participle) ? ["a", "os", "as"].map((end) => participle.slice(0, -1) + end) : [],
    prefixes: "re des de con com pro pre contra dis ex en em im in man ob ante sobre su sus abs",
    forms: `
dormir durma durmam|pedir peça peçam|medir meça meçam|doar doa doam doe doem doou doação doações doado doada doados doadas|perder perca percam perco perda perdas|fazer façam fizemos fiz faça|dizer diga digam|ver veja vejam|trazer traga tragam|vir venha venham|pôr ponha ponham|ter tenha tenham|seguir siga sigam|servir sirva sirvam|ouvir ouça ouçam|poder possa possam|saber saiba saibam|querer queira queiram|subir suba subam
vender vendo|aprender aprendo|atender atendo|defender defendo|depender dependo|corrigir corrijo corrija|dirigir dirijo dirija|proteger protejo proteja|decidir decido decida|dividir divido divida|assistir assiste|passear passeio passeia passeiam passeie|sortear sorteia|bloquear bloqueia bloqueiam|recear|preferir prefiro prefira|conseguir consigo consiga|repetir repito repita|vestir visto vista|sentir sinto sinta|divertir divirto divirta
odiar odeia|incendiar incendeia|mediar medeia|possuir possui possuem|incluir inclui incluem|substituir substitui substituem|contribuir contribui contribuem|destruir destrói destroem|sair saiam saia|cair caiam caía|rir ri riem rindo rido|eleger elejo eleito|entregar entregue|imprimir impresso|aceitar aceite|acender aceso|prender preso|gastar gasto|morrer morto
ter tenho tem têm temos teve tiveram tendo tido|pôr ponho põe põem pomos pôs puseram pondo posta postos postas posto|dizer digo diz dizem disse disseram dizendo dita ditos dito|fazer faço faz fazem fazemos fez fizeram fazendo feita feitos feitas feito|trazer trago traz trazem trouxe trouxeram trazendo trazido|vir venho vem vêm veio vieram vindo|sair saio sai saem saiu saíram saindo saído|ver vejo vê veem viu viram vendo vista vistos vistas visto
saber sei sabe sabem soube souberam sabido|poder posso pode podem pôde puderam podido|querer quero quer querem quis quiseram querido|dar dou dá dão deu deram dando|dormir durmo dorme dormem dormiu dormindo dormido|pedir peço pede pedem pediu pedindo pedido|seguir sigo segue seguem seguiu seguindo seguido|servir sirvo serve servem serviu servindo servido|vestir veste vestem vestiu vestindo vestido|medir meço mede medem mediu medindo medido|ouvir ouço ouve ouvem ouviu ouvindo ouvido
duzir duzo duz duzem duziu duzindo duzido|construir construo constrói constroem construiu construindo construída construído|abrir abro abre abrem abriu abrindo aberta abertos abertas aberto|cobrir cubro cobre cobrem cobriu coberta cobertos cobertas coberto|escrever escrevo escreve escrevem escreveu escrevendo escrita escritos escritas escrito|ler leio lê leem leu leram lendo lida lido|cair caio cai caem caiu caíram caindo caído|crescer cresce crescem cresceu crescido|conhecer conheço conhece conhecem conheceu conhecida conhecido|pagar pago paga pagam pagou pagando|ganhar ganho ganha ganham ganhou ganhando|gastar gasto gasta gastam gastou gastando|subir subo sobe sobem subiu subindo subido|correr corro corre correm correu correndo corrido`,
  },
  // "Semeie"
  perhapsForm: (word) => word.replace(/(?<=[a-z]{2})ei(?:as?|am|es?|em|o)$/, "ear"),
  perhaps: `
colher colheita colheitas|fazer faça|contar conta contas conto contos|plantar planta plantas|marcar marca marcas
`,
  apart: `
costa costas|
revista revistas|vinho vinhos|vinha vinhas|tinto tintos|tinta tintas|bolo bolos|bola bolas|nada|nadar nadam nadou nadando|
universidade universidades|universo universos|universal universais|casa casas|caso casos|casar casado|porta portas|porto portos|livro livros|livre livres|conta contas|conto contos|cobrir cubro cobre cobrem cobriu cobrindo coberto coberta cobertos cobertas cobertura coberturas|ponto pontos|ponta pontas
modo modos|moda modas|modelo modelos|polícia polícias|política políticas político políticos|geral gerais|geração gerações|organização organizações|órgão órgãos|banco bancos|banca bancas|barco barcos|barca barcas
carro carros|carta cartas|cartão cartões|marca marcas|marco marcos|planta plantas|plano planos|rota rotas|roto rotos
`,
  deverbal:
    "ucao uzir|ucoes uzir|ecao igir|ecoes igir|agem ajar|agens ajar|edura er|eduras er|grafia grafar|grafias grafar|acao ar|acoes ar|agem ar|agens ar|ura ar|izado er|amento ar|amentos ar|imento er|imento ir|ocao over|ocoes over|sao tir|soes tir|sao dir|soes dir|omia omizar",
  noSmallWords: "dó",
  smallWords: `o a os as um uma uns umas de do da dos das em no na nos nas num numa por pelo pela pelos pelas para com sem sobre entre até desde após ante sob contra durante ao à aos às dum duma neste nesta nesse nessa deste desta desse dessa daquele naquele
eu tu ele ela nós vós eles elas você vocês me te se lhe lhes vos meu minha meus minhas teu tua seu sua seus suas nosso nossa nossos nossas
este esta isto estes estas esse essa isso esses essas aquele aquela aquilo que quem qual quais cujo cuja onde quando como quanto quanta quantos porque porquê
e ou mas nem se pois embora enquanto
sou és é somos são era eram foi foram será serão seria seja sejam ser sido sendo estou está estamos estão estava estavam estar há hei tem têm tenho ter tinha pode podem poder deve devem dever vai vão
não sim mais menos muito muita muitos muitas pouco pouca poucos tão tanto também já ainda sempre nunca aqui ali lá assim bem todo toda todos todas tudo outro outra outros outras cada mesmo mesma algo alguém algum alguma nada ninguém nenhum nenhuma
tal tais porém todavia contudo portanto então além através segundo conforme qualquer quaisquer lo la los las etc apenas`,
  leaning: `
    mas e ou porém contudo ele ela eles elas isto isso aquilo este esta estes estas esse essa esses essas aquele aquela lhe
    então assim além também portanto todavia entretanto logo aqui ali tal tais depois finalmente alternativamente nota sim`,
  pointing:
    /\b(?:(?:ver|como|descrit[oa]s?|mencionad[oa]s?) (?:acima|abaixo)|(?:a|o)? ?(?:secao|capitulo|exemplo|tabela|imagem|lista|passo) (?:seguinte|anterior)|est[ea] (?:secao|capitulo|exemplo|tabela|imagem|lista|passo)|(?:seccao|secao|capitulo|figura|tabela|exemplo) \d|clique aqui)\b/,
  abbreviations:
    "sr sra dr dra prof eng ex p.ex pág nº aprox máx mín tel av r st jan fev mar abr jun jul ago set out nov dez",
  vagueLinkTexts:
    "aqui|clique aqui|clica aqui|clicar aqui|leia mais|ler mais|mais|saiba mais|saber mais|mais informações|mais informação|mais info|ver mais|veja mais|ver|veja aqui|continuar lendo|continuar a ler|continue lendo|continuar|link|este link|esta página|este artigo|página|site|sítio|detalhes|baixar|baixe aqui|descarregar|transferir|info|siga este link",
  altOpening:
    /^(?:(?:uma|um|a|esta) )?(?:imagem|foto|fotografia|ilustracao|captura de (?:tela|ecra)|grafico)(?: (?:de|do|da|com|que|mostrando)\b|:)/,
  months:
    "janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro jan fev abr jun jul ago set out nov dez",
  furniture:
    "cookie|cookies|privacidade|aviso legal|compartilhar|partilhar|assinar|subscrever|newsletter|entrar|cadastre-se|registar|copyright|todos os direitos reservados|clique|leia mais|comentário|comentários|artigo|página|site|publicidade|anúncio|no entanto|portanto|exemplo|seguinte|diferentes|assim|através|seção|secção|capítulo|além disso|por exemplo",
  furnitureHeadings:
    "perguntas|perguntas frequentes|faq|respostas|comentários|deixe um comentário|artigos relacionados|leia também|veja também|compartilhar|partilhar|sobre o autor|sobre a autora|newsletter|índice|sumário|neste artigo|fontes|referências|menu|pesquisar|notas|publicidade|etiquetas|tags|categorias|conclusão|nota|dica|dicas|exemplo|exemplos|aviso|atenção",
  measures:
    "dois duas três quatro cinco seis sete oito nove dez onze doze quinze vinte trinta quarenta cinquenta cem cento mil milhão milhões meio meia metade terço quarto dúzia primeiro primeira segundo segunda vez vezes por km quilômetro quilômetros quilómetro quilómetros metro metros cm mm kg quilo quilos grama gramas litro litros nm wh kwh watt watts volt volts hora horas minuto minutos dia dias semana semanas mês meses ano anos euro euros",
  derivedBy: /(?<=\p{L}{4})aca$/u,
  subjects: [
    "preço preços custo custos dinheiro pagar caro barato economizar poupar",
    "chuva molhado vento",
    "manutenção reparação reparo cuidado cuidados revisão",
    "limpeza limpar lavar",
    "guardar estacionar estacionamento",
    "comprar compra",
    "segurança seguro perigo risco",
    "aluguel aluguer alugar",
    "roubo furto",
    "criança crianças filhos",
    "inverno frio gelo",
    "desvantagens limites contras",
    "vantagens benefícios prós",
    "comparação comparar",
    "lei leis regras normas",
    "tipos tipo modelos",
    "tamanho medidas dimensões",
  ],
  usage: {
    persons: "eu tu ele ela nos vos eles elas voce voces me te lhe meu teu seu sua nosso isto isso aquilo",
    clauses: "enquanto porque embora mas quando pois",
    timing: "depois antes durante enquanto ate desde logo tambem apos",
    headFirst: true,
    toBeDone: "a por para",
    places: "em no na nos nas num numa",
    finiteForm:
      /(?<=[a-zç]{3})(?:ou|aram|eram|iram|ava|avam)$|(?<=[a-zç]{2})(?<!mus|pn|europ|jud|at|lic)[ei]u$/,
    of: "de do da dos das",
    eitherWay: "aluguer aluguel venda",
    joining: "para que onde",
    adjectivesToo: "seguro seguros movel moveis fixo fixos publico particular",
    genders: [["o", "a"]],
    governing:
      "para com por sem em no na pelo pela sobre atras diante debaixo entre perto junto lado durante apos sob ante perante contra",
    towns: "em no na nos nas",
    parts: "centro coracao norte sul leste oeste arredores",
    linking: "de do da dos das em no na nos nas num numa para com por pelo pela sem a ao contra",
    asking: "que onde quando cujo cuja",
    manner: "como",
    quantities:
      "mais muitos muitas varios varias todos todas menos alguns algumas outros outras proprio propria dois duas tres quatro cinco seis sete oito nove dez",
    finite: "foi foram",
    copulas: "e sao era eram esta estao",
    having: "tem tinha tinham",
    reflexives: "se",
    which: "que qual quais",
    tellers: "ele ela eles elas",
    without: "sem",
    conjunctions: "e ou nem",
    pronouns: "eu tu ele ela nos vos eles elas voce voces me te se lhe lhes quem",
    auxiliaries: "pode podem deve devem nao",
    determiners:
      "teu tua teus tuas nossos nossas o a os as um uma uns umas do da dos das no na nos nas ao aos meu minha meus minhas seu sua seus suas nosso nossa este esta estes estas esse essa aquele aquela",
    likeInfinitives:
      "lugar lar mar colar par bar celular solar militar familiar escolar popular particular regular titular pulgar mulher talher aluguer prazer poder chanceler acucar altar radar dolar",
    infinitive: /(?:[aei]|(?:^|com|pro|dis|ex|im|o|su|trans|re|de)p[o])r$/,
    doing: /^(?:como|onde|quando) /,
    doer: /(?:[aei]dor|tor)(?:a|es|as)?$/,
    done: /(?:[aií]d|ist|[aei]rt|crit|eit|ost|mp|g|nt)[oa]s?$/,
    action:
      /(?:[cs]ao|[cs]oes|mento|mentos|agem|agens|ura|[aei]da|[ai]do|eza)s?$|^(?:aluguel|aluguer|compra|dor|dores|entrega|envio|mudanca|reserva|alugueis|calculo|conserto|cultivo|reforma|trabalho|transporte|venda)s?$/,
    idle: PORTUGUESE_SET_PHRASES,
  },
  stepOpening: /^(?:passo \d+|\d+[.:)]|(?:primeiro|segundo|por fim|finalmente)\b[,:]?)\s*[:.,-]?\s*/,
  comparing: /\b(?:vs|versus|ou|contra|comparado|comparacao|melhor que|alternativas?)\b/,
  passive: {
    auxiliaries: list(
      "sou és é somos são era eram fui foi fomos foram será serão seria seriam seja sejam ser sido sendo",
    ),
    participles: accented(
      "feito feita feitos feitas escrito escrita escritos escritas descrito descrita posto posta postos postas visto vista vistos vistas aberto aberta abertos abertas coberto coberta descoberto descoberta dito dita pago paga pagos pagas gasto gasta ganho ganha entregue entregues aceito aceita aceite aceites eleito eleita impresso impressa",
    ),
    ending: /\p{L}{2,}(?:ad|id|íd)[oa]s?$/u,
    not: accented(
      "lado lados grado estado estados passado mercado cuidado sentido vestido marido partido vida medida medidas comida bebida saída entrada jornada cada nada adequado adequada adequados adequadas elevado elevada complicado complicada pesado pesada pesados pesadas variado variada rápido rápida rápidos rápidas sólido sólida válido válida tornado",
    ),
    between: /^(?:nao|ja|muito|bem|mal|sempre|nunca|tambem|so|ainda|mais|menos|sido|\p{L}+mente)$/u,
    mostBetween: 3,
  },
  readability: {
    source: "Martins, Ghiraldelo, Nunes and Oliveira 1996",
    constant: 248.835,
    perWord: 1.015,
    perSyllable: 84.6,
    syllables,
  },
  fillers: ["é", "hum", "tipo", "né", "quer dizer", "sabe"].map((word) => word.normalize("NFC")),
  claims: {
    superlative:
      /\b(?:(?:o|a|os|as) (?:mais|menos|melhore?s?|piore?s?|unic[oa]s?) \p{L}+|sempre \p{L}+|nunca \p{L}+|garantid[oa]s?)/u,
    study:
      /\b(?:estudos?|pesquisas?|especialistas|cientistas|estatisticas) (?:mostram?|dizem|diz|provam|recomendam|sugerem|indicam?)\b|\bsegundo \p{L}+/u,
  },
}));
