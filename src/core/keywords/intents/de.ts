import { folded, type IntentRules } from "./rules";

export const germanIntents: IntentRules = {
  code: "de",
  signals: [
    {
      intent: "local",
      words: folded("nähe umgebung anfahrt wegbeschreibung"),
      phrases: ["in der nahe", "bei mir", "nahe mir", "jetzt geoffnet"],
    },
    {
      intent: "transactional",
      words: folded(
        "kaufen bestellen mieten leihen buchen shop laden angebot angebote rabatt gutschein günstig günstige günstiger günstigste billig billige gebraucht gebrauchte leasing finanzierung abo download",
      ),
      phrases: ["zu verkaufen", "aus zweiter", "wo kaufen"],
    },
    {
      intent: "navigational",
      words: folded("login anmelden anmeldung website webseite homepage kontakt konto app kundenservice www"),
      phrases: ["offizielle seite"],
    },
    {
      intent: "commercial",
      words: folded(
        "beste bester bestes besten top test tests testsieger erfahrung erfahrungen bewertung bewertungen vergleich vergleichen vs versus alternative alternativen preis preise kosten kostet empfehlung empfehlungen",
      ),
      phrases: ["wie viel", "lohnt sich"],
    },
    {
      intent: "informational",
      words: folded(
        "wie was warum wieso wann wo wer welche welcher welches darf kann muss soll anleitung ratgeber tipps tipp ideen bedeutung definition beispiel beispiele lernen checkliste selber pflege pflegen reparieren reinigen reinigung unterschied vorteile nachteile regeln gesetz sicher geschichte vorlage probleme",
      ),
      phrases: ["schritt fur", "fur anfanger"],
    },
  ],
  questions: folded(
    "wie was warum wieso weshalb wann wo wohin woher wer wem wen wessen welche welcher welches welchen darf kann muss soll ist sind hat haben wird",
  ),
};
