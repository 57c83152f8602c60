/** Keywords as people type them in Italian. */
export const ITALIAN = `
it: costo ristrutturazione cucina
= Il costo della ristrutturazione di una cucina
= Quanto costa ristrutturare una cucina?
= Ristrutturazione della cucina: i costi
it: lista trasloco
= Una lista per il trasloco
= La lista del trasloco
it: scrivere una lettera di presentazione
= Come scrivere una lettera di presentazione
= Scrivi la tua lettera di presentazione
= Lettere di presentazione ben scritte
it: creare un sito web
= Come creare un sito web
= Crea il tuo sito web
= La creazione di un sito web
it: organizzare un matrimonio
= Come organizzare un matrimonio
= L'organizzazione di un matrimonio
= Organizza il tuo matrimonio
it: colazione sana
= Una colazione sana
= Colazioni sane
= Una colazione davvero sana
it: programma di fatturazione
= Programmi di fatturazione
= Un programma per fatturare
= Programmi per le tue fatture
it: pulire il forno
= Come pulire il forno
= Pulizia del forno
= Pulisci il forno senza prodotti
= Un forno pulito
it: disdire l'assicurazione
= Come disdire l'assicurazione
= Disdetta dell'assicurazione
= Disdici la tua assicurazione online
it: tagliare l'erba
= Quando tagliare l'erba
= Il taglio dell'erba
= Taglia l'erba in primavera
= Erba tagliata
it: imparare l'inglese
= Come imparare l'inglese in fretta
= Impara l'inglese a casa
= Imparando l'inglese
it: ricette facili
= Una ricetta facile
= Ricette molto facili
= Ricette facili da fare
it: risparmiare energia
= Come risparmiare energia
= Risparmio di energia
= Risparmia energia in casa
= Il risparmio energetico
it: comprare auto usata
= Come comprare un'auto usata
= L'acquisto di un'auto usata
= Compra la tua auto usata
= Comprare auto usate
it: perdere peso
= Come perdere peso
= La perdita di peso
= Perdi peso senza dieta
it: dormire meglio
= Come dormire meglio
= Dormi meglio
= Consigli per dormire meglio
it: investire denaro
= Come investire il tuo denaro
= Investi denaro a lungo termine
= L'investimento del denaro
it: torta senza glutine
= Una torta senza glutine
= Torte senza glutine
= Torta al cioccolato senza glutine
it: mal di schiena sedia ufficio
= Una sedia da ufficio contro il mal di schiena
= Mal di schiena: quale sedia per l'ufficio
it: riparare un rubinetto che perde
= Come riparare un rubinetto che perde
= Ripara il tuo rubinetto che perde
it: togliere macchie di vino
= Come togliere una macchia di vino
= Togli le macchie di vino
= Macchie di vino: come toglierle
it: lanciare un podcast
= Lanciare il tuo podcast
= Lancia il tuo podcast
= Il lancio di un podcast
it: modello contratto freelance
= Un modello di contratto per freelance
= Modelli di contratti freelance
= Contratto freelance: il modello
it: abbassare la pressione
= Come abbassare la pressione
= Abbassa la tua pressione
it: richiesta passaporto
= Richiedere il passaporto
= Come richiedere il tuo passaporto
= La richiesta del passaporto
it: motivare i dipendenti
= Come motivare i tuoi dipendenti
= La motivazione dei dipendenti
= Dipendenti motivati
it: gomma della bicicletta
= Gomme per biciclette
= La gomma della tua bicicletta è bucata.
≠ La bicicletta stava vicino alla gomma da masticare.
it: dichiarazione dei redditi
= Dichiarare i redditi
= Come dichiarare il reddito
≠ La dichiarazione del ministro sui redditi bassi
≠ Dichiarò il suo amore, ma aveva un reddito basso.
it: tinteggiare casa
= Come tinteggiare la casa
= Tinteggiatura della casa
= Case tinteggiate di bianco
≠ La casa fu venduta prima che lui tinteggiasse il cancello.
it: conto in banca
= Conti in banca
= Il conto presso la banca
≠ Il conto del ristorante è più alto che in banca.
≠ Si rende conto che la banca è chiusa.
≠ Tutto sommato, in fin dei conti, la banca chiude.
it: pulizia del divano
= Pulire il divano
= Divani puliti a secco
= Come si pulisce un divano
≠ Il divano sta accanto al prodotto per la pulizia dei vetri.
it: noleggio auto
= Noleggiare un'auto
= Auto noleggiate
≠ Il noleggio di biciclette fa bene a chi non ha l'auto.
it: corso di canto
= Corsi di canto
= Corsi per cantare meglio
≠ Nel corso della serata, il canto degli uccelli
≠ D'altro canto, il corso era pieno.
it: tagliare i capelli
= Taglio di capelli
= Capelli tagliati corti
= Tagliati i capelli da sola.
≠ Il taglio del vestito e i capelli lunghi
≠ Ha tagliato la corda per un capello.
it: assicurazione viaggio
= Assicurazioni per i viaggi
= Assicurare un viaggio
≠ Mi assicuro che il viaggio sia breve.
≠ Il viaggio è lungo, assicura la guida.
it: cucina da ristrutturare
= Ristrutturare la cucina
= Cucine ristrutturate
≠ Cucina mentre loro ristrutturano il bagno.
it: cibo per gatti
= Cibi per gatti
= Il cibo del gatto
≠ Il gatto mangia il cibo del cane.
it: carta da parati
= Carte da parati
= Carta per parati
≠ Giocava a carte con due che paravano i colpi.
it: vendita di immobili
= Vendere immobili
= Immobili venduti
= Immobile in vendita
≠ Rimase immobile alla vendita.
it: fare la spesa
= Come fare la spesa
= La spesa che facciamo
≠ Le spese sono alte e lui fa i conti.
≠ Ha fatto le spese di una lite.
it: rete da letto
= Reti per letti
= La rete del letto
≠ Ho letto in rete un articolo.
≠ Le reti dei pescatori stavano sul letto del fiume.
it: piatto doccia
= Piatti doccia
= Il piatto della doccia
≠ Il piatto è pronto dopo la doccia.
≠ Lava i piatti e fa la doccia.
it: porta blindata
= Porte blindate
= Porte che sono blindate
≠ Porta l'auto blindata in garage.
≠ Lui porta la valigetta blindata.
it: lavoro da casa
= Lavorare da casa
= Lavori da casa
= Chi lavora da casa
≠ Il lavoro è lontano da casa.
≠ I lavori alla casa durano un mese.
it: calcolo della pensione
= Calcolare la pensione
= Pensioni calcolate
= Come si calcola la pensione
≠ Ha i calcoli renali ed è in pensione.
≠ Per calcolo scelse la pensione sul mare.
it: batteria del telefono
= Batterie per telefoni
= La batteria del tuo telefono
≠ Suona la batteria e parla al telefono.
it: tazza da tè
= Tazze da tè
= Una tazza per il tè
≠ Beve il tè e rompe la tazza.
it: prenotare un tavolo
= Prenota il tuo tavolo
= Prenotazione del tavolo
= Tavoli prenotati
≠ Si siede al tavolo dopo la prenotazione del volo.
it: lavare l'auto
= Lava la tua auto
= Il lavaggio dell'auto
= Auto lavate
≠ La lava del vulcano coprì l'auto.
it: isolare una parete
= Isola le pareti
= Pareti isolate
= L'isolamento della parete
≠ L'isola ha una parete di roccia.
it: seminare il prato
= Semina il tuo prato
= La semina del prato
= Prato seminato
≠ Semina dubbi sul prato.
it: affittare un ufficio
= Affitta un ufficio
= L'affitto di un ufficio
= Uffici affittati
≠ Pagò l'affitto di casa in ufficio.
it: raccogliere mele
= Raccogli le mele
= La raccolta delle mele
= Mele raccolte
≠ Si raccoglie in preghiera e mangia una mela.
it: dividere il conto
= Dividi il conto
= Il conto diviso
≠ Si rende conto che sono divisi.
it: catena della bici
= Catene per bici
= La catena di una bici
≠ La catena di negozi vende bici.
it: manica della camicia
= Maniche di camicia
≠ È un altro paio di maniche, disse in camicia.
it: penna d'oca
= Penne d'oca
≠ Firma con la penna e mangia l'oca.
`;
