/** A second set in Italian: no rule was made by them. */
export const ITALIAN = `
it: porta finestra
= Porte finestre in legno
= Una porta finestra scorrevole
≠ Chi porta i vetri della finestra?
≠ Ha chiuso la finestra e la porta.
it: carta da parati
= Carte da parati per la cucina
= Come posare la carta da parati
≠ Le carte sul tavolo, i quadri sulle pareti
≠ Il rigore parato valse una carta rossa.
it: letto contenitore
= Letti con contenitore
= Un letto contenitore singolo
≠ Ho letto la scritta sul contenitore.
≠ Il contenuto del libro che ha letto
it: pianta grassa
= Piante grasse da appartamento
= Come curare una pianta grassa
≠ La pianta del palazzo è su carta grassa.
≠ Il grasso sulla pianta del piede
it: corso di nuoto
= Corsi di nuoto per adulti
= Un corso per imparare il nuoto
≠ Nel corso della gara di nuoto
≠ È corso in piscina dopo il nuoto.
it: casa in affitto
= Case in affitto al mare
= Affittare una casa in centro
≠ A casa sua pagano affitti alti per l'ufficio.
≠ È a casa di un affittacamere.
`;
