/** What pages of a site say of themselves, in the language of the site. A language is a line in the list; English where there is none. */
import { primaryLanguage } from "../text/language";

export interface SiteWords {
  skip: string;
  home: string;
  readMore: string;
  readMoreVideo: string;
  minutes(minutes: number): string;
  by: string;
  updated: string;
  newer: string;
  older: string;
  page(page: number, of: number): string;
  categories: string;
  tagged(tag: string): string;
  tags: string;
  moreIn(category: string): string;
  close: string;
  enlarge: string;
  guest: string;
  feed: string;
  noPosts: string;
  latest: string;
  notFound: string;
  notFoundText: string;
  moved: string;
  movedText: string;
  /** Before places where a copy is. */
  alsoAt: string;
  /** Before translations, each by the name of its language. */
  translations: string;
}

const english: SiteWords = {
  skip: "Skip to the text",
  home: "Home",
  readMore: "Read more",
  readMoreVideo: "Read more, with video",
  minutes: (minutes) => `${minutes} min read`,
  by: "By",
  updated: "Updated",
  newer: "Newer",
  older: "Older",
  page: (page, of) => `Page ${page} of ${of}`,
  categories: "Categories",
  tagged: (tag) => `Tagged “${tag}”`,
  tags: "Tags",
  moreIn: (category) => `More in ${category}`,
  close: "Close",
  enlarge: "Larger picture",
  guest: "Guest author",
  feed: "Feed",
  noPosts: "No posts yet.",
  latest: "Latest posts",
  notFound: "Page not found",
  notFoundText: "There is no page at this address.",
  moved: "This page has moved",
  movedText: "It is now at",
  alsoAt: "Also at",
  translations: "In other languages",
};

const WORDS: Readonly<Record<string, SiteWords>> = {
  en: english,
  de: {
    skip: "Zum Text",
    home: "Startseite",
    readMore: "Weiterlesen",
    readMoreVideo: "Weiterlesen, mit Video",
    minutes: (minutes) => `${minutes} Min. Lesezeit`,
    by: "Von",
    updated: "Aktualisiert",
    newer: "Neuere",
    older: "Ältere",
    page: (page, of) => `Seite ${page} von ${of}`,
    categories: "Kategorien",
    tagged: (tag) => `Schlagwort „${tag}“`,
    tags: "Schlagwörter",
    moreIn: (category) => `Mehr in ${category}`,
    close: "Schließen",
    enlarge: "Größeres Bild",
    guest: "Gastautor",
    feed: "Feed",
    noPosts: "Noch keine Beiträge.",
    latest: "Neueste Beiträge",
    notFound: "Seite nicht gefunden",
    notFoundText: "Unter dieser Adresse gibt es keine Seite.",
    moved: "Diese Seite ist umgezogen",
    movedText: "Sie steht jetzt unter",
    alsoAt: "Auch bei",
    translations: "In anderen Sprachen",
  },
  fr: {
    skip: "Aller au texte",
    home: "Accueil",
    readMore: "Lire la suite",
    readMoreVideo: "Lire la suite, avec vidéo",
    minutes: (minutes) => `${minutes} min de lecture`,
    by: "Par",
    updated: "Mis à jour",
    newer: "Plus récents",
    older: "Plus anciens",
    page: (page, of) => `Page ${page} sur ${of}`,
    categories: "Catégories",
    tagged: (tag) => `Mot-clé « ${tag} »`,
    tags: "Mots-clés",
    moreIn: (category) => `Plus dans ${category}`,
    close: "Fermer",
    enlarge: "Agrandir l’image",
    guest: "Auteur invité",
    feed: "Flux",
    noPosts: "Aucun article pour l’instant.",
    latest: "Derniers articles",
    notFound: "Page introuvable",
    notFoundText: "Il n’y a pas de page à cette adresse.",
    moved: "Cette page a changé d’adresse",
    movedText: "Elle se trouve maintenant à l’adresse",
    alsoAt: "Aussi sur",
    translations: "Dans d’autres langues",
  },
  es: {
    skip: "Ir al texto",
    home: "Inicio",
    readMore: "Seguir leyendo",
    readMoreVideo: "Seguir leyendo, con vídeo",
    minutes: (minutes) => `${minutes} min de lectura`,
    by: "Por",
    updated: "Actualizado",
    newer: "Más recientes",
    older: "Más antiguas",
    page: (page, of) => `Página ${page} de ${of}`,
    categories: "Categorías",
    tagged: (tag) => `Etiqueta «${tag}»`,
    tags: "Etiquetas",
    moreIn: (category) => `Más en ${category}`,
    close: "Cerrar",
    enlarge: "Ampliar la imagen",
    guest: "Autor invitado",
    feed: "Canal",
    noPosts: "Todavía no hay entradas.",
    latest: "Últimas entradas",
    notFound: "Página no encontrada",
    notFoundText: "No hay ninguna página en esta dirección.",
    moved: "Esta página se ha trasladado",
    movedText: "Ahora está en",
    alsoAt: "También en",
    translations: "En otros idiomas",
  },
  it: {
    skip: "Vai al testo",
    home: "Inizio",
    readMore: "Continua a leggere",
    readMoreVideo: "Continua a leggere, con video",
    minutes: (minutes) => `${minutes} min di lettura`,
    by: "Di",
    updated: "Aggiornato",
    newer: "Più recenti",
    older: "Meno recenti",
    page: (page, of) => `Pagina ${page} di ${of}`,
    categories: "Categorie",
    tagged: (tag) => `Etichetta «${tag}»`,
    tags: "Etichette",
    moreIn: (category) => `Altro in ${category}`,
    close: "Chiudi",
    enlarge: "Ingrandisci l’immagine",
    guest: "Autore ospite",
    feed: "Feed",
    noPosts: "Ancora nessun articolo.",
    latest: "Ultimi articoli",
    notFound: "Pagina non trovata",
    notFoundText: "A questo indirizzo non c’è nessuna pagina.",
    moved: "Questa pagina si è spostata",
    movedText: "Ora si trova all’indirizzo",
    alsoAt: "Anche su",
    translations: "In altre lingue",
  },
  nl: {
    skip: "Naar de tekst",
    home: "Start",
    readMore: "Lees verder",
    readMoreVideo: "Lees verder, met video",
    minutes: (minutes) => `${minutes} min leestijd`,
    by: "Door",
    updated: "Bijgewerkt",
    newer: "Nieuwer",
    older: "Ouder",
    page: (page, of) => `Pagina ${page} van ${of}`,
    categories: "Categorieën",
    tagged: (tag) => `Trefwoord “${tag}”`,
    tags: "Trefwoorden",
    moreIn: (category) => `Meer in ${category}`,
    close: "Sluiten",
    enlarge: "Grotere afbeelding",
    guest: "Gastauteur",
    feed: "Feed",
    noPosts: "Nog geen berichten.",
    latest: "Nieuwste berichten",
    notFound: "Pagina niet gevonden",
    notFoundText: "Op dit adres is geen pagina.",
    moved: "Deze pagina is verhuisd",
    movedText: "Ze staat nu op",
    alsoAt: "Ook op",
    translations: "In andere talen",
  },
  pt: {
    skip: "Ir para o texto",
    home: "Início",
    readMore: "Ler mais",
    readMoreVideo: "Ler mais, com vídeo",
    minutes: (minutes) => `${minutes} min de leitura`,
    by: "Por",
    updated: "Atualizado",
    newer: "Mais recentes",
    older: "Mais antigos",
    page: (page, of) => `Página ${page} de ${of}`,
    categories: "Categorias",
    tagged: (tag) => `Etiqueta “${tag}”`,
    tags: "Etiquetas",
    moreIn: (category) => `Mais em ${category}`,
    close: "Fechar",
    enlarge: "Ampliar a imagem",
    guest: "Autor convidado",
    feed: "Feed",
    noPosts: "Ainda não há artigos.",
    latest: "Últimos artigos",
    notFound: "Página não encontrada",
    notFoundText: "Não há nenhuma página neste endereço.",
    moved: "Esta página mudou de endereço",
    movedText: "Está agora em",
    alsoAt: "Também em",
    translations: "Noutras línguas",
  },
};

/** @param language BCP 47 */
export const siteWords = (language: string): SiteWords => WORDS[primaryLanguage(language)] ?? english;
