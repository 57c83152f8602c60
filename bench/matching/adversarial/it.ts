/** Pairs that are easily got wrong, in Italian. A keyword in every second place belongs to the half that no rule was made by. */
export const ITALIAN = `
it: auto usata
= Auto usate con garanzia
= Comprare un'auto usata
≠ L'autore usa la penna.
≠ Usano l'autobus.
it: porta blindata
= Porte blindate per la casa
= Una porta che è blindata
≠ Porta il cane dietro il vetro blindato? No, il gatto.
≠ Il porto e il treno blindato
it: corso di cucina
= Corsi di cucina per bambini
= Un corso dove si impara la cucina
≠ Nel corso della notte cucinò.
≠ È corso via dalla cucina.
it: pasta fresca
= Le paste fresche della casa
= Una pasta fatta fresca
≠ Il pastore sta al fresco.
≠ Un pasto freddo
it: letto matrimoniale
= Letti matrimoniali con cassetto
= Un letto da matrimonio: il matrimoniale
≠ Ho letto del matrimonio.
≠ La lettera matrimoniale
it: vino bianco
= I vini bianchi del nord
= Un bianco è un vino fresco
≠ Vinse la maglia bianca.
≠ La biancheria e il vinile
it: conto corrente
= Conti correnti senza spese
= Un conto che si dice corrente
≠ Tiene conto della corrente d'aria.
≠ Corre contando i passi.
it: lavare i piatti
= Come si lavano i piatti
= Lavando un piatto alla volta
≠ La lavagna è piatta.
≠ Il lavoro sulla piattaforma
it: fare il pane
= Come si fa il pane
= Facendo il pane in casa
≠ Il panificio è un affare.
≠ Le fate mangiano panna.
it: casa in affitto
= Case in affitto al mare
= Una casa da prendere in affitto
≠ Il caso volle che fosse fitto.
≠ A casa, con un buio affittato al silenzio
it: fuoco da campo
= Fuochi da campo sicuri
= Accendere un fuoco da campo
≠ Messa a fuoco del campione
≠ La campana e il focolare
it: carta da parati
= Carte da parati per il bagno
= La carta da parati si stacca.
≠ Il cartello era parato.
≠ Gioca a carte e fa parate.
it: scarpe da corsa
= Una scarpa per la corsa
= Scarpe da corsa leggere
≠ La corsia delle scarpiere
≠ Di corsa, senza calze
it: pesca sportiva
= La pesca come attività sportiva
= Pesche sportive nel lago
≠ Una pesca matura sulla borsa sportiva? No, una mela.
≠ Lo sportello della pescheria
it: sala riunioni
= Sale per riunioni
= Prenotare una sala riunioni
≠ Il sale unisce i sapori.
≠ Sale le scale, poi si riunisce.
it: ricetta dolce
= Ricette dolci per Natale
= Una ricetta per un dolce
≠ Il dolcificante ricettato
≠ La ricezione era dolorosa.
it: cambio gomme
= Il cambio delle gomme
= Cambi gomme veloci
≠ Il gomito cambiò forma.
≠ Cambiale e gommone
it: imparare a nuotare
= Come imparo a nuotare
= Imparando a nuotare da adulti
≠ La nuora è imparziale.
≠ Nuota, ma non impara a leggere i fondali del lago nero.
it: biglietto da visita
= Biglietti da visita eleganti
= Un biglietto da visita semplice
≠ La visita senza biglietto costa.
≠ Il bigliettaio visitato
it: calcio a cinque
= Il calcio si gioca a cinque.
= Tornei di calcio a cinque
≠ Un calcio al pallone di quattro bambini
≠ Il calcolo di cinquanta
it: energia solare
= Energie solari e altre
= L'energia che è solare
≠ La crema solare, energica
≠ Il solaio senza luce
it: lista di attesa
= Liste d'attesa lunghe
= Una lista per l'attesa
≠ Attese che la listarella cuocesse.
≠ Attento alla lista
it: pulire il forno
= Come pulire bene il forno
= Il forno si pulisce con l'aceto.
≠ La fornitura di pulcini
≠ Pulito e informato
it: viaggi in treno
= Un viaggio in treno
= Viaggiare con il treno
≠ Il viaggiatore si allena.
≠ Tre viandanti
it: posta elettronica
= Indirizzi di posta elettronica
= La posta, quella elettronica
≠ Il posto per l'elettricista
≠ L'imposta sull'elettrodotto
`;
