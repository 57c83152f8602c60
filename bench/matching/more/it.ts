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
it: noleggio auto
= Noleggiare un'auto per un giorno
= Il noleggio di un'auto senza carta
≠ L'auto è ferma davanti al noleggio di sci.
≠ Noleggia una bici e lascia l'auto.
it: letto a castello
= Letti a castello per bambini
= Un letto a forma di castello
≠ Nel castello c'è un letto antico.
≠ Ho letto del castello.
it: biglietto da visita
= Biglietti da visita in carta spessa
= Un biglietto per le visite di lavoro
≠ Il biglietto della visita al museo
≠ Visita il sito e compra un biglietto del treno.
it: cuocere il riso
= Come si cuoce il riso
= Riso cotto al vapore
≠ Il cuoco scoppia in un riso.
≠ Cuoci la pasta, non il riso del film.
it: macchina fotografica
= Una macchina per fotografare
= Macchine fotografiche usate
≠ La macchina passò davanti alla mostra fotografica.
≠ Ho fotografato la macchina.
it: perdere peso
= Come ho perso peso
= La perdita di peso dopo i quaranta
≠ Ha perso il treno per il peso della valigia.
≠ Il peso della palla si perde nel tiro.
it: corso di cucina
= Un corso per cucinare meglio
= I corsi di cucina della sera
≠ In cucina si parla del corso della vita.
≠ La cucina dà sul corso.
it: cambiare una ruota
= Come si cambia la ruota della bici
= Cambiare le ruote in inverno
≠ La ruota gira e tutto cambia.
≠ Cambia idea davanti alla ruota panoramica.
it: lampada da tavolo
= Una lampada per il tavolo
= Lampade da tavolo in ottone
≠ La lampada cadde sul tavolo.
≠ Il tavolo sotto la lampada
it: sedia alta
= Una sedia più alta per il bambino
= Sedie alte pieghevoli
≠ La sedia è sotto la finestra alta.
≠ Ad alta voce chiese una sedia.
it: preparare un colloquio
= Come preparo un colloquio
= Preparare bene il colloquio di lavoro
≠ Preparò la cena durante il colloquio.
≠ Il colloquio finì, e lei preparò le valigie.
it: coltello da pane
= Un coltello per il pane
= Coltelli da pane seghettati
≠ Il coltello è accanto al pane.
≠ Il pane copre il coltello.
it: macchina da caffè
= Una macchina per il caffè
= Macchine da caffè per ufficio
≠ Il caffè è accanto alla macchina.
≠ La macchina si fermò davanti al caffè.
it: affittare casa
= Come affitto la mia casa
= Una casa da affittare
≠ Affitta una bici e torna a casa.
≠ In casa affittano camere.
it: lettera di presentazione
= Una lettera per presentarsi
= Lettere di presentazione con esempi
≠ Alla presentazione lesse una lettera.
≠ La lettera arrivò dopo la presentazione.
it: tappeto da bagno
= Un tappeto per il bagno
= Tappeti da bagno in cotone
≠ Il tappeto sta lontano dal bagno.
≠ Il bagno è piccolo e il tappeto costa.
it: scrivere un blog
= Come scrivo un blog
= Scrivere un blog di viaggi
≠ Scrisse una lettera al blog.
≠ Nel blog scrivono poeti.
it: borsa frigo
= Una borsa che fa da frigo
= Borse frigo per la spiaggia
≠ La borsa è accanto al frigo.
≠ In frigo c'è la spesa della borsa nera.
it: panca da giardino
= Una panca per il giardino
= Panche da giardino in teak
≠ La panca è lontana dal giardino.
≠ Il giardino è chiuso e la panca è rotta.
it: pulire il tappeto
= Come pulisco il tappeto
= Pulire i tappeti a vapore
≠ Pulisce la finestra dietro il tappeto.
≠ Il tappeto si asciuga e lei pulisce la cucina.
it: giacca da pioggia
= Una giacca per la pioggia
= Giacche da pioggia per bambini
≠ Sotto la pioggia perse la giacca.
≠ La giacca asciuga quando finisce la pioggia.
it: corso di lingue
= Un corso per imparare le lingue
= Corsi di lingue la sera
≠ La lingua cambia nel corso del tempo.
≠ Le lingue fanno il loro corso.
it: coltello da cucina
= Un coltello per la cucina
= Coltelli da cucina affilati
≠ In cucina manca un coltello.
≠ Il coltello resta fuori dalla cucina.
it: creare un manifesto
= Come creo un manifesto
= Creare manifesti online
≠ Crea gioielli davanti a un manifesto.
≠ Il manifesto dice che lei crea.
it: corso di cucina
= Corsi per cucinare
= Un corso di cucina serale
≠ In corso Italia mangiò in cucina.
≠ Nel corso della cena uscì dalla cucina.
it: noleggio auto
= Noleggiare un'auto in aeroporto
= Auto a noleggio
≠ Il film a noleggio è in auto.
≠ L'auto è davanti al noleggio sci.
it: conto corrente
= Conti correnti senza spese
= Aprire un conto corrente
≠ Tieni conto della corrente del fiume.
≠ La corrente manca e il conto arriva.
it: lampada da tavolo
= Una lampada per il tavolo
= Lampade da tavolo a led
≠ Il tavolo è lontano dalla lampada.
≠ Mise la lampada in cantina e il tavolo fuori.
it: pulire il divano
= Come si pulisce il divano?
= La pulizia del divano in pelle
≠ Dormì sul divano pulito.
≠ Pulì i piatti e cadde sul divano.
it: piano cottura
= Piani di cottura a induzione
= Un piano per la cottura a gas
≠ Al primo piano la cottura è lenta.
≠ Piano piano finì la cottura.
it: scarpe da corsa
= Scarpe per correre
= La scarpa da corsa giusta
≠ Di corsa si mise le scarpe.
≠ La corsa finì senza scarpe.
it: letto matrimoniale
= Letti matrimoniali in legno
= Un letto matrimoniale con cassetti
≠ Il contratto matrimoniale, letto ieri
≠ Lesse a letto dell'agenzia matrimoniale.
it: scarpe da corsa
= Scarpe per correre
= Quale scarpa da corsa scegliere
≠ Di corsa perse le scarpe.
≠ La corsa finì e lui tolse le scarpe.
it: noleggio bici
= Noleggiare una bici
= Bici a noleggio
≠ La bici è davanti al noleggio di film.
≠ Noleggiò un furgone per la bici.
it: conto di risparmio
= Conti per risparmiare
= Aprire un conto risparmio
≠ Tieni conto che il risparmio cala.
≠ Per conto suo risparmia poco.
it: corso di cucina
= Corsi per imparare a cucinare
= Un corso di cucina vegana
≠ Nel corso della cena restò in cucina.
≠ Il cuoco corre in cucina.
it: sacco a pelo
= Sacchi a pelo caldi
= Quale sacco a pelo comprare
≠ Il gatto perde il pelo sul sacco.
≠ Un sacco di peli sul divano.
it: lavatrice economica
= Lavatrici economiche e silenziose
= La lavatrice più economica
≠ Lavò i panni: scelta economica.
≠ La crisi economica colpì chi vende lavatrici.
it: assicurazione auto
= Assicurare la propria auto
= Assicurazioni per auto d'epoca
≠ Assicura che l'auto arriva.
≠ L'assicurazione gli rubò l'auto.
it: corso di nuoto
= Corsi per imparare a nuotare
= Un corso di nuoto per bambini
≠ Nel corso dell'estate nuotò poco.
≠ Il corso d'acqua è chiuso al nuoto.
it: crema solare
= Creme per il sole
= Quale crema solare usare
≠ La crema si scioglie al sole.
≠ Il sistema solare e la crema
it: tavolo da giardino
= Tavoli per il giardino
= Un tavolo da giardino pieghevole
≠ Il tavolo delle trattative finì in giardino.
≠ Dal giardino portò il tavolo in casa.
it: pulizia vetri
= Pulire i vetri senza aloni
= La pulizia dei vetri
≠ Il vetro è rotto, la pulizia è ferma.
≠ La polizia ruppe il vetro.
it: ricetta del pane
= Una ricetta per fare il pane
= Ricette di pane in casa
≠ Il medico scrisse la ricetta e comprò il pane.
≠ Il pane cadde sulla ricetta medica.
it: sedia da ufficio
= Sedie per l'ufficio
= Una sedia da ufficio comoda
≠ Uscì dall'ufficio e inciampò nella sedia.
≠ L'ufficio è dietro la sedia del sindaco.
it: lettino neonato
= Lettini per neonati
= Un lettino per il neonato
≠ Il neonato ride e lei prende il lettino da mare.
≠ Il dottore chiese il lettino, il neonato pianse.
it: affitto appartamento
= Affittare un appartamento in centro
= Appartamenti in affitto
≠ L'appartamento è accanto a una casa in affitto.
≠ L'affitto sale e lui vende l'appartamento.
it: lavaggio auto
= Lavare l'auto a mano
= Come si lava un'auto
≠ L'auto è ferma davanti al lavandino.
≠ Si lavò le mani e salì in auto.
it: stampa foto
= Stampare foto online
= Stampe di foto su tela
≠ La stampa pubblicò la foto del ladro.
≠ La foto piacque alla stampa.
it: portafoglio uomo
= Portafogli da uomo in pelle
= Un portafoglio per uomo
≠ L'uomo perse il portafoglio.
≠ Il portafoglio del governo e l'uomo della strada
it: dipingere una parete
= Come dipingere le pareti
= Dipingi la parete da solo
≠ Il dipinto è appeso alla parete.
≠ La parete è spoglia, il dipinto è venduto.
it: voli economici
= Voli molto economici
= I voli più economici
≠ Il volo partì: buona scelta economica.
≠ La crisi economica e il volo dei gabbiani
it: imparare la chitarra
= Imparare a suonare la chitarra
= Impara la chitarra a casa
≠ Imparò che la chitarra era falsa.
≠ La chitarra e l'arte di imparare
it: pane senza glutine
= Pane fatto senza glutine
= Un pane senza glutine
≠ Senza pane mangia glutine.
≠ Il pane ha glutine, senza dubbio.
it: piantare pomodori
= Quando piantare i pomodori
= Piantare un pomodoro in vaso
≠ La pianta del piede e il pomodoro
≠ Il piano terra vende pomodori.
it: illuminazione giardino
= Illuminare il giardino senza cavi
= Un'illuminazione per il giardino
≠ L'idea illuminò il suo viso in giardino.
≠ Il giardino è lontano dall'illuminista.
it: confronto prezzi
= Confrontare i prezzi prima di comprare
= Il confronto dei prezzi online
≠ In confronto a lei, lui non ha prezzo.
≠ Il premio e il prezzo del confronto politico
it: licenza di pesca
= Una licenza per pescare nel lago
= Dove chiedere la licenza di pesca
≠ Fu licenziato mentre mangiava una pesca.
≠ La pesca è matura, la licenza scaduta.
it: spese di spedizione
= Le spese per la spedizione
= Spese di spedizione gratis
≠ La spedizione al polo spese tutto.
≠ Fa la spesa e manda la spedizione al diavolo.
it: pulizia forno
= Pulire il forno con il limone
= La pulizia del forno
≠ Il forno è accanto al secchio delle pulizie.
≠ Il forno chiude: facciamo pulizia di vecchie idee.
it: seggiolino bimbo
= Seggiolini per il tuo bimbo
= Un seggiolino per bimbi piccoli
≠ Il bimbo vide il seggiolino della giostra.
≠ Il bimbo ride, il seggiolino cade.
it: asse da stiro
= Un asse per stirare
= Quale asse da stiro comprare
≠ L'asse del mondo e il ferro da stiro
≠ Stira davanti all'asse.
it: carta per stampante
= Carta per la tua stampante
= Quale carta usa la stampante
≠ La stampante è sotto la carta da parati.
≠ La carta stampata è in crisi.
it: fede nuziale
= Fedi nuziali in oro
= Una fede nuziale antica
≠ Ha fede nel banchetto nuziale.
≠ Il pranzo nuziale e la fede in Dio
it: guanti da boxe
= Guanti per la boxe
= Guanti da boxe per bambini
≠ La boxe gli sta come un guanto.
≠ Prese i guanti e uscì dal box.
it: biglietto da visita
= Biglietti da visita economici
= Stampare un biglietto da visita
≠ La visita costa un biglietto.
≠ Visita la città senza biglietto.
it: giardino di rose
= Un giardino pieno di rose
= Giardini con rose
≠ Il giardino è dipinto di rosa.
≠ La rosa dei venti e il giardino
it: discorso di nozze
= Discorsi per le nozze
= Scrivere un discorso di nozze
≠ Le nozze finirono e il discorso iniziò.
≠ Il discorso del re e le nozze
it: piastrelle cucina
= Piastrelle per la cucina
= Piastrellare la cucina
≠ La cucina è accanto al negozio di piastrelle.
≠ Ruppe una piastrella e lasciò la cucina.
it: lezioni di batteria
= Lezioni per suonare la batteria
= Una lezione di batteria online
≠ La batteria del telefono morì a lezione.
≠ Gli serva di lezione: batteria scarica.
it: test allergie
= Test per le allergie
= Fare un test delle allergie
≠ È allergico ai test.
≠ Il test è finito, l'allergia no.
it: contratto telefonico
= Contratti telefonici economici
= Disdire un contratto telefonico
≠ Il contratto fu letto, l'elenco telefonico no.
≠ Una chiamata telefonica sul contratto
it: fotografia di strada
= Fotografare la strada
= La fotografia in strada
≠ Il fotografo vive in questa strada.
≠ La strada è nella fotografia del giudice.
it: bastone per tende
= Bastoni per le tende
= Un bastone per tende pesanti
≠ La tenda cade sul bastone del nonno.
≠ Il bastone è rotto, la tenda no.
it: donazione di sangue
= Donare il sangue
= Donazioni di sangue
≠ Il sangue freddo e una donazione alla chiesa
≠ Donò un quadro a un nobile di sangue blu.
it: tasso di interesse
= I tassi di interesse salgono
= Un tasso di interesse fisso
≠ Il tasso è un animale di grande interesse.
≠ L'interesse cala, il tasso dorme.
it: insegnante di musica
= Insegnanti di musica a casa
= Un insegnante per la musica
≠ L'insegnante spegne la musica.
≠ La musica insegna la pazienza.
it: aprire un conto
= Come aprire un conto
= L'apertura di un conto
≠ Aprì la porta e fece i conti.
≠ Il conto aprì una lite.
it: cambiare una gomma
= Cambiare le gomme da soli
= Come si cambia una gomma
≠ La gomma non cambia nulla.
≠ Cambia idea e mastica una gomma.
it: imparare lo spagnolo
= Imparare lo spagnolo online
= Impara lo spagnolo in un mese
≠ Imparò che lo spagnolo era morto.
≠ Lo spagnolo impara a sciare.
it: vendere libri
= Vendere libri usati
= La vendita di libri
≠ Il libro vende bene.
≠ Il venditore legge un libro.
it: prenotare un volo
= Prenotare voli economici
= Come si prenota un volo
≠ Il volo riserva sorprese a chi prenota tardi.
≠ Prenota un tavolo prima del volo.
it: dipingere un recinto
= Dipingere il recinto di legno
= Come dipingere recinti
≠ Il dipinto è sul recinto.
≠ Dipinge un gatto davanti al recinto.
it: macchina da cucire
= Macchine da cucire per principianti
= Una macchina per cucire
≠ La cucitrice è nella macchina.
≠ In macchina cuciva un bottone.
it: patente di guida
= Rinnovare la patente di guida
= Le patenti di guida estere
≠ La guida del museo ha la patente.
≠ È patente che la guida mente.
it: sala d'attesa
= La sala d'attesa del medico
= Sale d'attesa moderne
≠ Il sale attende sul tavolo.
≠ È atteso in sala.
it: corso di cucina
= Corsi di cucina per bambini
= Un corso per cucinare meglio
≠ Nel corso della sera pulì la cucina.
≠ È corso in cucina.
it: conto corrente
= Aprire un conto corrente
= Conti correnti senza spese
≠ Conto sulla corrente del fiume.
≠ La corrente mi ha fatto perdere il conto.
it: apriscatole
= Un apriscatole elettrico
= Apriscatole per mancini
≠ Apri le scatole con cura.
≠ La scatola non si apre.
it: scarpe da montagna
= Scarpe per la montagna
= Una scarpa da montagna leggera
≠ Una montagna di scarpe vecchie
≠ Le scarpe del sindaco vennero lasciate in montagna.
it: panca da giardino
= Una panca per il giardino
≠ La pancia del giardiniere
≠ In giardino c'è una banca.
it: serratura della porta
= Cambiare la serratura di una porta
≠ Porta la serratura al negozio.
≠ La porta della serra
it: prezzo della luce
= Il prezzo della luce sale.
≠ Il prezzo è venuto alla luce.
≠ Accendi la luce e guarda il prezzo.
it: noleggio auto
= Noleggiare un'auto in stazione
≠ L'auto del vicino ostacola il noleggio di bici.
≠ Chi noleggia bici lava l'auto.
it: stufa a legna
= Una stufa che brucia legna
≠ Sono stufa di tagliare legna.
≠ La legnaia dietro la stufa elettrica
it: corso di ballo
= Corsi per ballare la salsa
≠ Nel corso della serata si balla.
≠ È corso al ballo.
it: candela profumata
= Candele profumate per il bagno
≠ La candela del motore e il profumo
≠ Si candida con un discorso profumato.
it: libro di testo
= Libri di testo usati
≠ Si libra in aria il testo.
≠ La testa sul libro
it: carta da parati
= Carta da parati lavabile
≠ Il portiere ha parato con una carta in mano.
≠ Una carta per la parata
it: pesca sportiva
= La pesca sportiva al lago
≠ Una pesca per lo sportivo
≠ Lo sportivo mangia una pesca.
it: pulizia grondaie
= Pulire le grondaie in autunno
= La pulizia della grondaia
≠ La pulizia della casa e la grondaia rotta
≠ Una grondaia pulita non gocciola.
it: corso di canto
= Corsi per imparare a cantare
= Un corso di canto per adulti
≠ Nel corso della sera udimmo un canto.
≠ Il corso era pieno, dal canto suo rise.
it: conto corrente
= Conti correnti a confronto
≠ La corrente salta e il conto arriva.
it: noleggio auto
= Noleggiare un'auto a Bari
≠ L'auto è ferma, il noleggio chiude.
≠ Paga il noleggio del film in auto.
it: lettera di presentazione
= Scrivere lettere di presentazione
= Una lettera per la presentazione del candidato
≠ La lettera si presenta male.
it: cambio olio
= Cambiare l'olio della moto
= Il cambio dell'olio
≠ In cambio ricevette olio.
≠ Il cambio perde olio.
it: borsa di studio
= Borse di studio per studenti
= Una borsa per lo studio all'estero
≠ Lo studio ha la borsa della cliente.
≠ Studia la borsa di Milano.
it: carta da parati
= Incollare la carta da parati
≠ La carta dei vini e i parati
≠ Para la palla e legge la carta.
it: stampa 3d
= Stampare in 3D
= Stampe 3D in casa
≠ La stampa loda il film in 3D.
≠ Tre stampe e 3 d
it: piano bar
= Piano bar per matrimoni
= Un bar con il piano
≠ Il bar al piano terra
≠ Parla piano al bar.
it: costruire una capanna
= Costruisci la tua capanna
= La costruzione di una capanna
≠ La capanna è vicino a un ponte in costruzione.
≠ Costruì un muro davanti alla capanna.
it: gioco di carte
= Un gioco con le carte
= Giochi di carte per due
≠ La carta è in gioco.
≠ Gioca con la carta del ristorante.
it: tagliare il vetro
= Come si taglia il vetro
= Vetro tagliato su misura
≠ Si è tagliato con un vetro.
≠ Tagliò il pane e ruppe un vetro.
it: lampada da lettura
= Una lampada per leggere a letto
= Lampade da lettura senza fili
≠ La lettura finì quando cadde la lampada.
≠ Legge sotto la lampada del vicino.
it: dipingere una parete
= Pareti dipinte di bianco
≠ Dipinse un quadro sulla parete.
≠ La parete è spoglia e lei dipinge le unghie.
it: risparmiare acqua
= Risparmia acqua sotto la doccia
= Gesti per risparmiare l'acqua
≠ Risparmia soldi e beve acqua.
≠ L'acqua manca e lui risparmia.
it: aumento di stipendio
= Chiedere un aumento di stipendio
= Aumenti dello stipendio nella sanità
≠ L'aumento dell'affitto mangia lo stipendio.
≠ Lo stipendio non basta e l'aumento di peso sì.
it: tagliare l'erba
= Come tagliare l'erba
= L'erba appena tagliata
≠ Si tagliò la mano nell'erba.
≠ L'erba cresce e lui taglia legna.
it: tazza da caffè
= Tazze da caffè
= Una tazza per il caffè
≠ Il caffè chiuse e la tazza si ruppe.
≠ Bevve caffè invece di una tazza di tè.
it: porta d'ingresso
= Porte d'ingresso in legno
= La porta dell'ingresso
≠ L'ingresso si paga alla porta del cinema.
≠ Ingresso libero, porta chiusa
it: lavaggio auto
= Lavare l'auto a casa
= Il lavaggio della tua auto
≠ Lavaggio del denaro in un'auto
≠ L'auto è sporca e il lavaggio del cervello costa.
`;
