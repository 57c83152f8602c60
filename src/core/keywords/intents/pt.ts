import { folded, type IntentRules } from "./rules";

export const portugueseIntents: IntentRules = {
  code: "pt",
  signals: [
    {
      intent: "local",
      words: folded("perto próximo endereço"),
      phrases: ["perto de", "aberto agora"],
    },
    {
      intent: "transactional",
      words: folded(
        "comprar encomendar alugar aluguel aluguer reservar loja venda oferta ofertas desconto descontos cupom cupão barato barata baratos baratas usado usada leasing assinatura baixar orçamento",
      ),
      phrases: ["a venda", "onde comprar", "segunda mao"],
    },
    {
      intent: "navigational",
      words: folded("login entrar site conta contato contacto app www"),
      phrases: ["site oficial", "iniciar sessao"],
    },
    {
      intent: "commercial",
      words: folded(
        "melhor melhores top avaliação avaliações opiniões comparar comparação comparativo vs versus alternativa alternativas preço preços custo custa recomendado",
      ),
      phrases: ["quanto custa", "vale a"],
    },
    {
      intent: "informational",
      words: folded(
        "como porquê quando onde quem qual quais guia tutorial dicas dica ideias significado definição exemplo exemplos aprender manutenção consertar reparar limpar limpeza diferença vantagens desvantagens regras lei seguro história modelo problemas",
      ),
      phrases: ["por que", "passo a", "para iniciantes"],
    },
  ],
  questions: folded("como quando onde quem qual quais quanto quanta pode deve é são"),
};
