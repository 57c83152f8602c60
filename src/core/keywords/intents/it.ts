import { folded, type IntentRules } from "./rules";

export const italianIntents: IntentRules = {
  code: "it",
  signals: [
    {
      intent: "local",
      words: folded("vicino vicinanze indicazioni"),
      phrases: ["vicino a", "aperto ora"],
    },
    {
      intent: "transactional",
      words: folded(
        "comprare acquistare ordinare noleggiare noleggio prenotare acquisto negozio vendita offerta offerte sconto sconti coupon economico economica economici economiche usato usata leasing abbonamento scaricare preventivo",
      ),
      phrases: ["in vendita", "dove comprare", "seconda mano"],
    },
    {
      intent: "navigational",
      words: folded("login accesso sito account contatti app www"),
      phrases: ["sito ufficiale", "servizio clienti"],
    },
    {
      intent: "commercial",
      words: folded(
        "migliore migliori top recensioni recensione opinioni confronto confrontare vs versus alternativa alternative prezzo prezzi costo costi consigliato",
      ),
      phrases: ["quanto costa", "vale la"],
    },
    {
      intent: "informational",
      words: folded(
        "come cosa perché quando dove chi quale quali guida tutorial consigli consiglio trucchi idee significato definizione esempio esempi imparare manutenzione riparare pulire pulizia differenza vantaggi svantaggi regole legge sicuro storia modello problemi",
      ),
      phrases: ["passo dopo", "per principianti"],
    },
  ],
  questions: folded("come cosa perché quando dove chi quale quali quanto quanta può deve è sono"),
};
