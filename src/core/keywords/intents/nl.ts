import { folded, type IntentRules } from "./rules";

export const dutchIntents: IntentRules = {
  code: "nl",
  signals: [
    {
      intent: "local",
      words: folded("buurt dichtbij route"),
      phrases: ["bij mij", "nu open"],
    },
    {
      intent: "transactional",
      words: folded(
        "kopen bestellen huren verhuur reserveren boeken winkel webshop aanbieding aanbiedingen korting kortingscode goedkoop goedkope goedkoopste tweedehands gebruikt lease leasen abonnement downloaden offerte",
      ),
      phrases: ["te koop", "waar koop", "tweede hands"],
    },
    {
      intent: "navigational",
      words: folded("inloggen website account contact app klantenservice www"),
      phrases: ["officiele site"],
    },
    {
      intent: "commercial",
      words: folded(
        "beste top review reviews ervaringen ervaring beoordeling vergelijken vergelijking vs versus alternatief alternatieven prijs prijzen kosten kost aanbevolen test",
      ),
      phrases: ["hoe duur", "hoeveel kost"],
    },
    {
      intent: "informational",
      words: folded(
        "hoe wat waarom wanneer waar wie welke kan mag moet gids handleiding tips tip ideeën betekenis definitie voorbeeld voorbeelden leren onderhoud repareren schoonmaken verschil voordelen nadelen regels wet veilig geschiedenis sjabloon problemen",
      ),
      phrases: ["stap voor", "voor beginners"],
    },
  ],
  questions: folded("hoe wat waarom wanneer waar wie welke hoeveel kan kun mag moet is zijn heeft"),
};
