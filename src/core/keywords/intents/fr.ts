import { folded, type IntentRules } from "./rules";

export const frenchIntents: IntentRules = {
  code: "fr",
  signals: [
    {
      intent: "local",
      words: folded("proximité autour itinéraire"),
      phrases: ["pres de", "a proximite", "horaires d", "ouvert maintenant"],
    },
    {
      intent: "transactional",
      words: folded(
        "acheter commander louer location réserver achat boutique magasin vente promo promotion promotions soldes réduction occasion leasing abonnement télécharger devis",
      ),
      phrases: ["a vendre", "pas cher", "ou acheter"],
    },
    {
      intent: "navigational",
      words: folded("connexion site compte contact application accueil www"),
      phrases: ["site officiel", "service client"],
    },
    {
      intent: "commercial",
      words: folded(
        "meilleur meilleure meilleurs meilleures top avis comparatif comparaison comparer vs versus alternative alternatives prix tarif tarifs coût recommandé test",
      ),
      phrases: ["vaut il", "quel prix", "combien coute"],
    },
    {
      intent: "informational",
      words: folded(
        "comment combien quoi pourquoi quand où qui quel quelle quels quelles guide tutoriel conseils conseil astuces idées signification définition exemple exemples apprendre entretien réparer nettoyer nettoyage différence avantages inconvénients règles loi sécurité histoire modèle problème problèmes",
      ),
      phrases: ["pas a", "pour debutants"],
    },
  ],
  questions: folded(
    "comment pourquoi quand où qui que quoi quel quelle quels quelles combien peut faut est sont",
  ),
};
