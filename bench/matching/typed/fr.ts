/** Keywords as people type them in French. */
export const FRENCH = `
fr: prix rénovation cuisine
= Le prix d'une rénovation de cuisine
= Prix pour rénover une cuisine
= Quel est le prix de la rénovation d'une cuisine ?
= Rénovation de cuisine : les prix
fr: check-list déménagement
= Une check-list pour votre déménagement
= La check-list du déménagement
= Check-list pour bien déménager
fr: idées déco salon
= Des idées de déco pour le salon
= Idées pour la déco de votre salon
= Déco de salon : nos idées
fr: chaussures running débutant
= Chaussures de running pour débutants
= Quelles chaussures de running pour un débutant ?
fr: écrire une lettre de motivation
= Comment écrire une lettre de motivation
= Écrivez votre lettre de motivation
= L'écriture d'une lettre de motivation
fr: créer un site internet
= Comment créer un site internet
= Créez votre site internet
= La création d'un site internet
= Créer son site sur internet
fr: organiser un mariage
= Comment organiser un mariage
= L'organisation d'un mariage
= Organiser votre mariage pas à pas
fr: pompe à chaleur maison ancienne
= Une pompe à chaleur dans une maison ancienne
= Pompes à chaleur pour maisons anciennes
fr: petit déjeuner sain
= Un petit déjeuner sain
= Des petits déjeuners sains
= Un petit déjeuner vraiment sain
= Sain et simple : le petit déjeuner
fr: logiciel de facturation
= Logiciels de facturation
= Un logiciel pour facturer
= Un logiciel pour vos factures
= Quel logiciel pour la facturation ?
fr: nettoyer un four
= Comment nettoyer son four
= Nettoyage du four
= Nettoyez votre four sans produits
= Un four propre et nettoyé
fr: résilier une assurance
= Comment résilier son assurance
= Résiliation d'une assurance
= Résiliez votre assurance en ligne
= Assurance résiliée
fr: stratégie de contenu
= Une stratégie pour votre contenu
= Stratégies de contenus
= Votre stratégie de contenu
fr: location vacances avec chien
= Une location de vacances avec son chien
= Locations de vacances pour chiens
= En vacances avec un chien : les locations
fr: tondre la pelouse
= Quand tondre sa pelouse ?
= La tonte de la pelouse
= Tondez votre pelouse au printemps
= Une pelouse tondue
fr: apprendre l'anglais
= Comment apprendre l'anglais vite
= Apprenez l'anglais chez vous
= L'apprentissage de l'anglais
= Anglais : apprendre en ligne
fr: recette facile
= Des recettes faciles
= Une recette très facile
= Facile et rapide, cette recette
= Recettes faciles à faire
fr: économiser de l'énergie
= Comment économiser de l'énergie
= Économies d'énergie
= Économisez l'énergie chez vous
= Faire des économies d'énergie
fr: acheter une voiture d'occasion
= Comment acheter une voiture d'occasion
= L'achat d'une voiture d'occasion
= Achetez votre voiture d'occasion
= Voiture d'occasion : bien acheter
fr: perdre du poids
= Comment perdre du poids
= La perte de poids
= Perdez du poids sans régime
fr: combien de temps cuire des œufs
= Combien de temps faut-il cuire des œufs ?
= La cuisson des œufs : combien de temps ?
fr: gâteau sans gluten
= Un gâteau sans gluten
= Des gâteaux sans gluten
= Gâteau au chocolat sans gluten
fr: mal de dos chaise de bureau
= Une chaise de bureau contre le mal de dos
= Mal de dos : quelle chaise de bureau ?
fr: réparer un robinet qui fuit
= Comment réparer un robinet qui fuit
= Réparez votre robinet qui fuit
= Réparation d'un robinet qui fuit
fr: enlever une tache de vin
= Comment enlever une tache de vin
= Enlevez les taches de vin
= Tache de vin : comment l'enlever
fr: lancer un podcast
= Lancer son podcast
= Lancez votre podcast
= Le lancement d'un podcast
fr: modèle de contrat freelance
= Un modèle de contrat pour freelance
= Modèles de contrats freelance
= Contrat freelance : un modèle
fr: faire baisser la tension
= Comment faire baisser sa tension
= Faites baisser votre tension
fr: demande de passeport
= Demander un passeport
= Comment demander son passeport
= Les demandes de passeports
fr: chemise en lin
= Des chemises en lin
= Une chemise de lin
fr: pneu de vélo
= Pneus pour vélos
= Le pneu du vélo est crevé.
= Changer les pneus de son vélo
≠ Le vélo a roulé sur un pneu de camion.
fr: déclaration de revenus
= Déclarer ses revenus
= Comment déclarer un revenu
= Revenus déclarés en ligne
≠ La déclaration du ministre sur la hausse des revenus
≠ Il est revenu sur sa déclaration.
fr: peindre une maison
= Comment peindre sa maison
= Peinture de maison
= Des maisons peintes en blanc
= Peignez la maison avant l'été.
≠ La peinture accrochée dans la maison vient d'un artiste.
fr: compte bancaire
= Comptes bancaires
= Un compte en banque
= Ouvrir un compte à la banque
≠ Il se rend compte que le secteur bancaire souffre.
≠ Elle compte ses billets devant le distributeur bancaire.
fr: facture d'eau
= Factures d'eau
= La facture de l'eau augmente.
≠ Un whisky de belle facture avec de l'eau
≠ L'eau coule pendant qu'il facture ses heures.
fr: nettoyage de canapé
= Nettoyer un canapé
= Canapés nettoyés à sec
= Comment nettoyer le canapé
≠ Le produit de nettoyage est derrière le canapé.
fr: location de voiture
= Louer une voiture
= Voitures louées
= Voiture à louer
= Voiture de location
≠ La location de l'appartement inclut une place de voiture.
fr: cours de chant
= Un cours pour chanter mieux
= Cours de chants
≠ Au cours de la soirée, le chant des oiseaux
≠ Il court vers le chant.
fr: couper les cheveux
= Coupe de cheveux
= Cheveux coupés court
= Coupez vos cheveux vous-même.
≠ Elle coupe le pain, ses cheveux sont longs.
≠ La coupe du monde et ses cheveux
fr: assurance voyage
= Assurances de voyage
= Assurer un voyage
≠ Je vous assure que le voyage est court.
fr: rénovation de cuisine
= Rénover la cuisine
= Cuisines rénovées
= Comment rénover une cuisine
≠ Il cuisine pendant qu'on rénove le salon.
fr: croquettes pour chat
= Croquettes de chat
= Des croquettes pour les chats
≠ Le chat a volé les croquettes du chien.
fr: papier peint
= Papiers peints
= Du papier peint à la main
≠ Il peint sur du papier une scène.
fr: vente de maisons
= Vendre une maison
= Maisons vendues
= Maison à vendre
= Maisons en vente
≠ Le magasin vend des lampes pour la maison.
fr: faire ses courses
= Comment faire ses courses
= Les courses que nous faisons
≠ Il fait la course avec son frère.
≠ Il fait beau et la course commence.
fr: travail à domicile
= Travailler à domicile
= Ceux qui travaillent à domicile
≠ Le travail est loin du domicile.
fr: calcul de la retraite
= Calculer sa retraite
= Comment se calcule la retraite
≠ Il a des calculs et part à la retraite.
fr: batterie de téléphone
= Batteries pour téléphones
= La batterie de votre téléphone
≠ Il joue de la batterie et parle au téléphone.
fr: montre connectée
= Montres connectées
= La montre qui est connectée
≠ Il montre une maison connectée.
≠ Cette vidéo montre comment rester connecté.
fr: livre de cuisine
= Livres de cuisine
= Un livre pour la cuisine
≠ Elle livre les meubles de cuisine.
≠ Deux livres de beurre pour la cuisine
fr: mousse à raser
= Mousses à raser
= La mousse pour se raser
≠ La mousse couvre le mur à ras.
fr: porte d'entrée
= Portes d'entrée
≠ Elle porte un plat à l'entrée.
≠ L'entrée est payante, la porte est au fond.
fr: ferme pédagogique
= Fermes pédagogiques
= Une ferme à but pédagogique
≠ Le centre pédagogique ferme à midi.
≠ Il ferme le cahier pédagogique.
fr: pierre naturelle
= Pierres naturelles
= De la pierre tout à fait naturelle
≠ Pierre préfère la lumière naturelle.
fr: tasse à thé
= Tasses à thé
= Une tasse pour le thé
≠ Elle boit du thé et casse la tasse.
≠ Ce n'est pas ma tasse de thé.
fr: manteau de pluie
= Manteaux de pluie
= Un manteau contre la pluie
≠ Il pleut, elle ôte son manteau.
fr: réserver une table
= Réserver une table
= Réservez votre table
= Réservation de table
= Tables réservées
≠ La réserve naturelle et la table de pierre
≠ Sans réserve, il passa à table.
fr: laver la voiture
= Lavez votre voiture
= Lavage de voiture
= Voitures lavées
≠ La lave du volcan couvrit la voiture.
fr: isoler un mur
= Isoler les murs
= Isolez vos murs
= Murs isolés
= L'isolation d'un mur
≠ Isolé, il regardait le mur.
fr: promener son chien
= Promener le chien
= Promenez votre chien
= La promenade du chien
≠ Il se promène sans son chien.
fr: semer du gazon
= Semer le gazon
= Semez votre gazon
= Gazon semé
≠ Il sème le doute sur le gazon.
fr: louer un bureau
= Louer des bureaux
= Louez un bureau
= La location d'un bureau
= Bureaux loués
≠ Il loue Dieu dans son bureau.
fr: cueillir des pommes
= Cueillir ses pommes
= La cueillette des pommes
= Pommes cueillies
≠ Il cueille les fruits de son travail et mange une pomme.
fr: partager l'addition
= Partagez l'addition
= Le partage de l'addition
= L'addition partagée
≠ L'addition de deux chiffres et le partage
fr: chaîne de vélo
= Chaînes de vélos
= La chaîne du vélo
≠ La chaîne de magasins vend des vélos.
≠ Il enchaîne les tours de vélo.
fr: selle de cheval
= Selles pour chevaux
≠ Il se met en selle et vend son cheval.
fr: manche de chemise
= Manches de chemises
≠ Il traverse la Manche sans chemise.
fr: plume d'oie
= Plumes d'oie
≠ Il plume le client et mange une oie.
fr: panneau de route
= Panneaux de route
≠ Il tombe dans le panneau, en route.
`;
