/** More in Italian. */
export const ITALIAN = `
it: permesso di pesca
= Il permesso per la pesca nel lago
= Permessi di pesca online
≠ La pesca non è permessa qui.
≠ Mangia una pesca e chiede permesso.
it: tavolo da giardino
= Un tavolo per il giardino
= Tavoli da giardino in legno
≠ Il giardino è dietro il tavolo.
≠ Si alzò dal tavolo e andò in giardino.
it: lampada da tavolo
= Una lampada per il tavolo
= Lampade da tavolo economiche
≠ La lampada cadde sul tavolo.
≠ Il tavolo e la lampada sono vecchi.
it: corso di inglese
= Corsi per imparare l'inglese
= Un corso di inglese online
≠ L'inglese seguì il corso del fiume.
≠ In inglese, nel corso della serata
it: macchina da cucire
= Cucire a macchina
= Una macchina per cucire la pelle
≠ La macchina era ferma, e lei cuciva.
≠ Cuciono a mano e lavano la macchina.
it: sacchetto di carta
= Sacchetti fatti di carta
= Sacchetti di carta con manici
≠ Mise la carta accanto al sacchetto.
≠ Il sacchetto contiene carta e penne.
`;
