/** More in French. */
export const FRENCH = `
fr: permis de pêche
= Le permis pour la pêche en rivière
= Les permis de pêche de l'année
≠ La pêche n'est pas permise ici.
≠ Elle mange une pêche et passe son permis.
fr: table de jardin
= Une table pour le jardin
= Des tables de jardin en bois
≠ Le jardin est derrière la table.
≠ Table des matières : le jardin, page deux
fr: lampe de bureau
= Une lampe pour ton bureau
= Lampes de bureau à pince
≠ La lampe est tombée, le bureau est fermé.
≠ Le bureau de vote manque de lampes.
fr: course à pied
= Courir à pied chaque matin
= Les courses à pied du dimanche
≠ Il fait ses courses et rentre à pied.
≠ La course du soleil vue du pied de la tour
fr: machine à coudre
= Coudre à la machine
= Quelle machine pour coudre du cuir ?
≠ La machine est en panne, cousez le dossier.
≠ Elle coud pendant que la machine lave.
fr: planche à découper
= Des planches pour découper la viande
= Une planche à découper en bois
≠ Découpez la planche en deux.
≠ Le découpage du film tient sur une planche.
fr: location de voiture
= Louer une voiture pour le week-end
= La location d'une voiture sans caution
≠ Il a laissé sa voiture devant l'agence de location de skis.
≠ La voiture de location de vélos
fr: carte de visite
= Des cartes de visite en papier épais
= Une carte pour vos visites professionnelles
≠ Il visite la ville, une carte à la main.
≠ La visite est gratuite avec la carte du musée.
fr: table basse
= Une table plus basse que le canapé
= Les tables basses en chêne
≠ À table, il parle à voix basse.
≠ La table est près de la basse électrique.
fr: crème solaire
= Une crème qui protège du rayonnement solaire
= Quelle crème solaire pour les enfants ?
≠ Le panneau solaire sent la crème.
≠ La crème des ingénieurs du solaire
fr: garde d'enfants
= Faire garder ses enfants le soir
= La garde des enfants après l'école
≠ Le garde parle aux enfants.
≠ Prenez garde, dit l'enfant.
fr: poêle à bois
= Un poêle qui brûle du bois
= Les poêles à bois et leur entretien
≠ La poêle est posée sur le bois.
≠ À poil dans les bois
fr: panier à linge
= Un panier pour le linge sale
= Paniers à linge en osier
≠ Le chat dort dans le panier près du linge.
≠ Le linge sèche, le panier est vide.
fr: changer une roue
= Comment changer la roue d'un vélo
= On change les roues en hiver.
≠ Il change d'avis devant la grande roue.
≠ La roue tourne et le temps change.
fr: sac à dos
= Un sac que l'on porte sur le dos
= Les sacs à dos de randonnée
≠ Il tourna le dos au sac.
≠ Le sac est derrière son dos.
fr: chaise haute
= Une chaise plus haute pour bébé
= Chaises hautes pliantes
≠ La chaise est sous la haute fenêtre.
≠ Haute saison : pas de chaise libre
fr: préparer un entretien
= Comment préparer son entretien d'embauche
= On prépare un entretien en trois jours.
≠ Il prépare le repas pendant l'entretien.
≠ L'entretien du jardin se prépare au printemps.
fr: four à micro-ondes
= Les fours à micro-ondes silencieux
= Un four à micro-ondes encastré
≠ Le four est loin des ondes.
≠ Les ondes du four
fr: housse de couette
= Une housse pour la couette
= Housses de couette en lin
≠ Sous la couette, il lit une housse de pluie.
≠ La couette est sortie de sa housse de transport.
fr: machine à laver
= Une machine qui lave à froid
= Les machines à laver silencieuses
≠ Il lave la machine à café.
≠ Se laver les mains avant de toucher la machine
fr: carte bancaire
= Une carte de la banque
= Payer par carte bancaire
≠ Le banquier joue aux cartes.
≠ La carte du banc de sable
fr: plan de travail
= Un plan pour le travail en cuisine
= Des plans de travail en pierre
≠ Le travail est au second plan.
≠ Il travaille au plan de la ville.
fr: louer un studio
= Comment louer son studio
= Un studio à louer
≠ Il loue le courage du studio.
≠ Dans le studio, ils louent des vélos.
fr: lampe de chevet
= Une lampe pour le chevet du lit
= Lampes de chevet en laiton
≠ Au chevet du malade, une lampe brûle.
≠ La lampe est loin du chevet.
fr: coussin de chaise
= Un coussin pour chaise de jardin
= Des coussins de chaise lavables
≠ Le coussin est tombé de la chaise.
≠ La chaise n'a pas besoin de coussin de sol.
fr: rédiger un article
= Comment rédiger un bon article
= La rédaction d'un article en une heure
≠ Elle rédige un contrat sur l'article de mer.
≠ L'article dit qui rédige les lois.
fr: tapis de bain
= Un tapis pour le bain
= Des tapis de bain en coton
≠ Il prend un bain, le tapis sèche.
≠ Le tapis rouge et le bain de foule
fr: gourde isotherme
= Une gourde vraiment isotherme
= Des gourdes isothermes pour enfants
≠ La gourde est dans le sac isotherme.
≠ Quelle gourde, ce sac n'est pas isotherme !
fr: banc de jardin
= Un banc pour le jardin
= Bancs de jardin en teck
≠ Le banc est loin du jardin.
≠ Le jardin longe un banc de sable.
fr: nettoyer un tapis
= Comment nettoyer un tapis
= On nettoie les tapis à la vapeur.
≠ Il nettoie la vitre derrière le tapis.
≠ Le tapis sèche et il nettoie la cuisine.
fr: veste de pluie
= Une veste pour la pluie
= Vestes de pluie pour enfants
≠ Sous la pluie, il perd sa veste.
≠ La veste est au sec, la pluie cesse.
fr: couteau de cuisine
= Un couteau pour la cuisine
= Couteaux de cuisine bien affûtés
≠ La cuisine est à couteaux tirés avec la salle.
≠ Le couteau reste hors de la cuisine.
fr: assurance habitation
= Une assurance pour son habitation
= L'assurance habitation des locataires
≠ Il parle de son habitation avec assurance.
≠ L'habitation est à côté de l'assurance maladie.
fr: créer une affiche
= Comment créer une affiche
= Créez vos affiches en ligne.
≠ Il crée des bijoux devant une affiche.
≠ L'affiche dit qu'il crée des emplois.
fr: lave-linge
= Une machine qui lave le linge
= Quel lave-linge choisir ?
≠ Il lave la voiture et plie le linge.
≠ Le linge sale se lave en famille, dit-on.
fr: location de voiture
= Louer une voiture à l'aéroport
= Les locations de voitures
≠ Il loue son courage dans la voiture.
≠ La voiture est garée devant l'appartement en location.
fr: cours de piano
= Des cours pour apprendre le piano
= Un cours de piano en ligne
≠ Au cours du repas, le piano joua.
≠ Le cours de l'action monte, il vend le piano.
fr: chaise de bureau
= Une chaise pour votre bureau
= Chaises de bureau réglables
≠ Le bureau de vote manque de chaises.
≠ Il posa la chaise sur le bureau.
fr: peinture de façade
= Peindre sa façade
= Quelle peinture pour une façade ?
≠ La peinture flamande derrière la façade du musée
≠ Sous la façade, il peint des chats.
fr: compte épargne
= Un compte pour son épargne
= Comptes épargne sans frais
≠ Compte tenu de son épargne, il attend.
≠ Il compte que la pluie nous épargne.
fr: c++ avancé
= Le C++ avancé par l'exemple
= Apprendre le C++ avancé
≠ La vitamine C à un stade avancé
≠ Le plan C est avancé.
fr: semis de tomates
= Semer des tomates
= Réussir ses semis de tomates
≠ Il sème le doute en mangeant des tomates.
≠ Les tomates du semi-remorque
fr: chaussures de marche
= Des chaussures pour marcher en montagne
= Quelle chaussure de marche choisir ?
≠ Il monte une marche, ses chaussures à la main.
≠ Le marché vend des chaussures.
fr: sac de couchage
= Des sacs de couchage chauds
= Un sac pour le couchage en tente
≠ Il se couche, son sac sous la tête.
≠ Le sac est sous le canapé où il couche.
fr: location de vélo
= Louer un vélo à la journée
= Des vélos en location
≠ Le vélo bloque l'entrée des locaux.
≠ Elle loue le courage du cycliste à vélo.
fr: assurance habitation
= Assurer son habitation
= Une assurance pour votre habitation
≠ Il parle avec assurance de ses habitudes.
≠ Elle assure que l'habitation est vide.
fr: carte cadeau
= Des cartes cadeaux à offrir
= Offrir une carte en cadeau
≠ Il cherche un cadeau sur la carte du quartier.
≠ La carte indique la boutique de cadeaux.
fr: machine à laver
= Des machines à laver le linge
= Quelle machine à laver choisir ?
≠ Il lave sa voiture à côté d'une machine.
≠ La machine tombe et il s'en lave les mains.
fr: cours de cuisine
= Des cours pour apprendre à cuisiner
= Un cours de cuisine en ligne
≠ Au cours du repas, il resta en cuisine.
≠ La cour est derrière la cuisine.
fr: crème solaire
= Une crème contre le soleil
= Les crèmes solaires pour enfants
≠ La crème fond au soleil.
≠ Le système solaire est la crème des sujets.
fr: rencontre sportive
= Les rencontres sportives du club
≠ Elle rencontre sa voisine au magasin de sport.
≠ La rencontre des ministres fut peu sportive.
fr: jardin potager
= Un potager dans son jardin
= Des jardins potagers en ville
≠ Le jardin d'enfants vend des potages.
≠ Il fait un potage au jardin.
fr: nettoyage de vitres
= Nettoyer les vitres sans traces
= Nettoyage des vitres à domicile
≠ Il roule à toute vitre, tout est net.
≠ La vitre est nette, le sol aussi.
fr: recette de pain
= Une recette pour faire du pain
= Des recettes de pain maison
≠ La recette du magasin paie le pain.
≠ Le pain coûte, la recette baisse.
fr: formation en ligne
= Se former en ligne
= Des formations à suivre en ligne
≠ La formation du gouvernement est en ligne de mire.
≠ La ligne de bus et la formation des nuages
fr: travaux de peinture
= Peindre : les travaux à prévoir
= Des travaux pour refaire la peinture
≠ La peinture est exposée pendant les travaux.
≠ Il travaille devant une peinture.
fr: lit bébé
= Un lit pour bébé
= Des lits pour bébés évolutifs
≠ Elle lit pendant que bébé dort.
≠ Bébé tombe du lit de sa sœur.
fr: chaise de bureau
= Une chaise pour le bureau
= Des chaises de bureau solides
≠ Le bureau est derrière la chaise.
≠ Il quitte le bureau et prend une chaise.
fr: porte-monnaie
= Un porte monnaie en cuir
= Des porte-monnaie fins
≠ Il porte la monnaie à la banque.
≠ La monnaie est devant la porte.
fr: aspirateur sans fil
= Des aspirateurs sans fil légers
= Un aspirateur qui marche sans fil
≠ L'aspirateur a mangé le fil.
≠ Sans fin, elle passe l'aspirateur au fil des jours.
fr: peindre un mur
= Comment peindre les murs
= La peinture d'un mur
≠ Le peintre s'appuie contre le mur.
≠ Le mur est nu, la peinture est vendue.
fr: vol pas cher
= Des vols pas chers
= Trouver un vol qui ne coûte pas cher
≠ Le vol du bijou lui coûta cher.
≠ L'oiseau en vol n'est pas cher.
fr: apprendre la guitare
= Apprendre à jouer de la guitare
= J'apprends la guitare seul
≠ Elle apprend que la guitare est vendue.
≠ L'apprenti vend sa guitare.
fr: pain sans gluten
= Du pain sans gluten maison
= Un pain qui ne contient pas de gluten
≠ Sans pain, elle mange du gluten.
≠ Le pain a du gluten, sans doute.
fr: faire pousser des tomates
= Faire pousser les tomates en pot
= Comment faire pousser une tomate
≠ Il pousse la porte et fait une tomate farcie.
≠ La pousse de bambou et la tomate
fr: éclairage de jardin
= Éclairer son jardin sans câble
= Un éclairage pour le jardin qui dure
≠ Il éclaire la question depuis son jardin.
≠ Le jardin est à un éclair de la gare.
fr: comparateur de prix
= Comparer les prix avant d'acheter
= Des comparateurs de prix en ligne
≠ Le prix littéraire est sans comparaison.
≠ Rien de comparable : il a gagné un prix.
fr: permis de pêche
= Un permis pour pêcher en rivière
= Où acheter un permis de pêche ?
≠ Il a permis à son fils de manger une pêche.
≠ La pêche est mûre, le permis perdu.
fr: frais de livraison
= Les frais pour la livraison
= Des frais de livraison offerts
≠ Du poisson frais, sans parler de la livraison des journaux
≠ Le pain est frais et la livraison en retard.
fr: siège enfant
= Des sièges pour enfants
= Un siège pour enfant de trois ans
≠ L'enfant est assis au siège de la banque.
≠ Le siège de la ville affama l'enfant.
fr: nettoyage de four
= Nettoyer son four sans produit
= Le nettoyage du four
≠ Le four est à côté du nettoyeur.
≠ Le film fut un four net.
fr: planche à repasser
= Une planche pour repasser
= Quelle planche à repasser acheter ?
≠ Il repasse devant la planche.
≠ Le repas est sur la planche.
fr: papier imprimante
= Du papier pour imprimante
= Quel papier pour une imprimante ?
≠ Le papier imprimé est jaune.
≠ L'imprimante est sous le papier peint.
fr: bague de mariage
= Des bagues pour un mariage
= Une bague de mariage en or
≠ Il jeta la bague, le mariage fini.
≠ Le mariage du bagagiste
fr: jardin de roses
= Un jardin plein de roses
= Des jardins de roses anciennes
≠ Le jardin est peint en rose.
≠ La rose est morte, le jardin vendu.
fr: gants de boxe
= Des gants pour la boxe
= Quels gants pour boxer ?
≠ La boxe lui va comme un gant.
≠ Il met des gants et sort du box.
fr: carte de visite
= Des cartes de visite à imprimer
= Imprimer une carte de visite
≠ Il visite la ville sans carte.
≠ La visite est gratuite avec la carte jeune.
fr: discours de mariage
= Des discours pour un mariage
= Écrire un discours de mariage
≠ Le mariage finit, le discours commence.
≠ Le discours du ministre sur le mariage des rois
fr: carrelage de cuisine
= Carreler sa cuisine
= Du carrelage pour la cuisine
≠ La cuisine est à côté du carreleur.
≠ Il garde la cuisine à carreaux.
fr: cours de batterie
= Des cours pour jouer de la batterie
= Un cours de batterie en ligne
≠ La batterie du téléphone meurt en cours.
≠ Au cours du mois, la batterie tombe.
fr: test d'allergie
= Des tests pour les allergies
= Tester une allergie
≠ Il est allergique aux tests.
≠ Le test est fini, son allergie aussi.
fr: contrat de téléphone
= Un contrat pour son téléphone
= Résilier un contrat de téléphone
≠ Il téléphone après le contrat.
≠ Le téléphone sonne, le contrat attend.
fr: photographie de rue
= Photographier la rue
= La photographie dans la rue
≠ La rue est sur la photographie du juge.
≠ Le photographe habite cette rue.
fr: tringle à rideaux
= Une tringle pour des rideaux lourds
= Poser une tringle à rideaux
≠ Le rideau tombe sur la tringle du vélo.
≠ La tringle est tordue, le rideau sale.
fr: don de sang
= Donner son sang
= Le don du sang près de chez vous
≠ Il a le don de glacer le sang.
≠ Son sang-froid est un don.
fr: taux d'intérêt
= Les taux d'intérêt montent
= Un taux d'intérêt fixe
≠ L'intérêt du film tient au taux de rires.
≠ Sans intérêt, le taux d'alcool.
fr: professeur de musique
= Des professeurs de musique à domicile
= Un professeur pour la musique
≠ Le professeur connaît la musique.
≠ La musique couvre le professeur.
fr: ouvrir un compte
= Comment ouvrir un compte en ligne
= L'ouverture d'un compte
≠ Il rend compte de l'ouverture du magasin.
≠ Le compte est bon, la porte ouverte.
fr: changer un pneu
= Changer ses pneus soi-même
= Comment change-t-on un pneu ?
≠ Le pneu ne change rien.
≠ Il change d'avis devant un pneu.
fr: apprendre l'espagnol
= Apprendre l'espagnol en ligne
= J'apprends l'espagnol
≠ Il apprend que l'espagnol est mort.
≠ L'Espagnol apprend la nouvelle.
fr: vendre des livres
= Vendre ses livres d'occasion
= La vente de livres
≠ Le livre se vend à la livre.
≠ Le vendeur lit un livre.
fr: réserver un vol
= Réserver un vol en ligne
= Comment réserve-t-on un vol ?
≠ Le vol réserve des surprises.
≠ Il réserve une table avant son vol.
fr: peindre une clôture
= Peindre sa clôture en bois
= La peinture des clôtures
≠ La peinture pend à la clôture.
≠ Il peint un chat devant la clôture.
fr: machine à laver
= Des machines à laver silencieuses
= Une machine qui lave à froid
≠ Elle se lave pendant que la machine imprime.
≠ Le laveur de vitres a une machine à café.
fr: permis de conduire
= Passer le permis de conduire
= Les permis de conduire étrangers
≠ Il lui a permis de conduire la réunion.
≠ La conduite d'eau a un permis de travaux.
fr: salle d'attente
= La salle d'attente du médecin
= Des salles d'attente plus claires
≠ On attend une salle plus grande.
≠ Les attentes de la salle étaient hautes.
fr: livre de cuisine
= Des livres de cuisine végétarienne
= Un livre pour cuisiner vite
≠ Il livre des cuisines en Bretagne.
≠ Une livre de farine dans la cuisine
fr: pomme de terre
= Des pommes de terre au four
= Éplucher une pomme de terre
≠ La pomme est tombée par terre.
≠ La terre des pommiers est lourde.
fr: nettoyage de vitres
= Nettoyer les vitres sans traces
= Le nettoyage des vitres
≠ Le nettoyeur vit tout.
≠ Il nettoie la cuisine derrière la vitre.
fr: carte bancaire
= Payer avec une carte de banque
= Des cartes bancaires gratuites
≠ La banque a mis une carte de la ville au mur.
≠ Il écarte le banc.
fr: voiture d'occasion
= Acheter une voiture d'occasion
= Des voitures d'occasion sûres
≠ À l'occasion, lave ta voiture.
≠ Une occasion de voir des voitures anciennes
fr: porte-monnaie
= Un porte-monnaie en cuir
= Des porte-monnaies pour enfants
≠ Il porte de la monnaie à la banque.
≠ La porte de l'hôtel des Monnaies
fr: tournevis
= Des tournevis aimantés
= Un tournevis plat
≠ Il tourne la vis à la main.
≠ Le tour se visite à pied.
fr: banc de jardin
= Un banc pour le jardin
≠ Le jardin de la banque est ouvert.
≠ Sur le banc, il parle de jardins.
fr: serrure de porte
= Changer la serrure d'une porte
≠ Il porte une serrure à la main.
≠ Serre la porte.
fr: nappe de table
= Une nappe pour la grande table
≠ La nappe de pétrole est à l'ordre du jour de la table ronde.
≠ Il se met à table sans nappe ni pain.
fr: prix de l'électricité
= Le prix de l'électricité augmente.
≠ À tout prix, coupez l'électricité.
≠ L'électricien a reçu un prix.
fr: location de voiture
= Louer une voiture à la gare
≠ Le locataire lave sa voiture.
≠ La voiture gêne la location de l'étage.
fr: cuire du pain
= Comment cuire un pain ?
≠ Le cuir sent le pain.
≠ Le pain est posé près de la cuisinière.
fr: poêle à bois
= Un poêle qui brûle du bois
≠ Je bois un café près du poêle.
≠ Les poils du chien des bois
fr: cours de danse
= Prendre des cours de danse
≠ Au cours de la soirée, elle danse.
≠ La cour se remplit, on danse.
fr: tour de cou
= Un tour de cou en laine
≠ La tour penche, le cou tendu on regarde.
≠ Il tourne le cou.
fr: livre audio
= Écouter des livres audio
≠ Il livre du matériel audio.
≠ Une livre de sel et un guide audio
fr: voile d'ombrage
= Poser une voile d'ombrage
≠ Elle se voile à l'ombre.
≠ Le voile de la mariée fait de l'ombre.
fr: pile rechargeable
= Des piles que l'on recharge
≠ À midi pile, rechargez le téléphone.
≠ Une pile de livres sur un vélo rechargeable
fr: nettoyage de gouttière
= Nettoyer une gouttière sans échelle
= Le nettoyage des gouttières en automne
≠ Après le nettoyage, un chat de gouttière est venu.
≠ La gouttière est nette, le toit aussi.
fr: cours de chant
= Des cours pour apprendre à chanter
= Cours de chant pour adultes
≠ Le chant des oiseaux au cours de la nuit
≠ Il court en chantant.
fr: pose de parquet
= Poser un parquet soi-même
= La pose du parquet flottant
≠ Il pose sur le parquet pour la photo.
≠ Le parquet pose une question au juge.
fr: location de voiture
= Louer une voiture à Lille
= Voitures en location
≠ La voiture est en panne, la location est fermée.
≠ On loue son courage devant la voiture.
fr: prise électrique
= Des prises électriques dans la cuisine
= Installer une prise de courant électrique
≠ La voiture électrique a été prise en photo.
≠ Elle est prise demain; le vélo est électrique.
fr: carte bancaire
= Cartes bancaires gratuites
≠ Il mange à la carte, le conseiller bancaire aussi.
≠ La carte du vin plaît au secteur bancaire.
fr: compte épargne
= Ouvrir un compte d'épargne
= Comptes pour l'épargne des enfants
≠ Il se rend compte que l'épargne baisse.
≠ L'épargne, en fin de compte, est un choix.
fr: tour de magie
= Des tours de magie pour enfants
= Apprendre un tour: la magie des cartes
≠ La tour du château a de la magie.
≠ C'est à son tour de croire à la magie.
fr: vol pas cher
= Des vols pas chers vers Rome
= Trouver un vol moins cher
≠ Le vol du collier coûte cher au voleur.
≠ Il vole bas et paie cher.
fr: mise en page
= La mise en page d'un livre
= Mettre un livre en page
≠ Elle mise sur la page blanche.
≠ La mise est perdue, tourne la page.
fr: construire une cabane
= Construisez votre cabane
= La construction d'une cabane
≠ La cabane est près d'un pont en construction.
≠ Il construit un mur devant la cabane.
fr: jeu de cartes
= Un jeu avec des cartes
= Jeux de cartes à deux
≠ La carte est en jeu.
≠ Il joue avec la carte du restaurant.
fr: couper du verre
= Comment on coupe le verre
= Du verre coupé sur mesure
≠ Il s'est coupé avec un verre.
≠ Il coupe le pain et casse un verre.
fr: lampe de lecture
= Une lampe pour lire au lit
= Lampes de lecture sans fil
≠ La lecture finit quand la lampe tombe.
≠ Il lit sous la lampe du voisin.
fr: peindre un mur
= Comment peindre vos murs
≠ Elle peint un tableau contre le mur.
≠ Le mur est nu et elle peint ses ongles.
fr: économiser l'eau
= Économisez de l'eau sous la douche
= Des gestes pour économiser l'eau
≠ Il économise son argent et boit de l'eau.
≠ L'eau manque, il économise.
fr: augmentation de salaire
= Demander une augmentation de salaire
= Les augmentations du salaire à l'hôpital
≠ L'augmentation du loyer mange le salaire.
≠ Le salaire ne suffit pas et l'augmentation du poids si.
fr: tondre la pelouse
= Comment tondre la pelouse
= Une pelouse fraîchement tondue
≠ Il tond le mouton sur la pelouse.
≠ La pelouse pousse et il tond la haie.
fr: tasse à café
= Tasses à café
= Une tasse pour le café
≠ Le café ferme et la tasse est cassée.
≠ Il boit du café et non une tasse de thé.
fr: porte d'entrée
= Portes d'entrée en bois
≠ L'entrée se paie à la porte du cinéma.
≠ Entrée libre, porte fermée
fr: lavage de voiture
= Laver sa voiture chez soi
= Le lavage de votre voiture
≠ Lavage d'argent dans une voiture
≠ La voiture est sale et le lavage de cerveau coûte.
`;
