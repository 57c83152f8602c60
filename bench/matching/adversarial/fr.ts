/** Pairs that are easily got wrong, in French. A keyword in every second place belongs to the half that no rule was made by. */
export const FRENCH = `
fr: voiture d'occasion
= Des voitures d'occasion fiables
= Une voiture achetée d'occasion
≠ À l'occasion de sa fête, il prit le train.
≠ Il occasionna un retard de voiture.
fr: louer un appartement
= Appartements à louer en ville
= Comment louer son appartement
≠ Il loua son courage près de la mairie.
≠ Cela appartient à celui qui loue.
fr: livre de cuisine
= Des livres de cuisine pour enfants
= Un livre sur la cuisine italienne
≠ Il livre des meubles de cuisine ? Non, il les vend.
≠ Une livre de beurre pour la cuisinière
fr: régime sans sel
= Un régime pauvre en sel, sans sel ajouté
= Les régimes sans sel
≠ La selle sans régime moteur
≠ Le régime politique salit tout.
fr: porte d'entrée
= Des portes d'entrée isolantes
= La porte de l'entrée
≠ Il porte une veste à l'entrée ? Jamais.
≠ L'entrée, puis le plat, qu'on apporte
fr: montre connectée
= Une montre qui reste connectée
= Les montres connectées pour le sport
≠ Il montre comment on se connecte.
≠ Le monstre est connecté.
fr: avocat en ligne
= Parler à un avocat en ligne
= Des avocats joignables en ligne
≠ Un avocat mûr sur une lignée
≠ Elle souligne l'avocat.
fr: arc-en-ciel
= Des arcs-en-ciel après la pluie
= Un arc en ciel double
≠ Un arc sous le ciel
≠ Les arceaux du ciel
fr: pommes de terre
= Une pomme de terre au four
= Cuire les pommes de terre
≠ Des pommes tombées par terre
≠ Le pommier déterré
fr: assurance vélo
= Assurer son vélo : une assurance pour vélo
= Les assurances vélo comparées
≠ Il roule à vélo avec assurance.
≠ Rassurez-vous, le vélo est là.
fr: cours de dessin
= Un cours pour apprendre le dessin
= Des cours de dessin le soir
≠ Au cours de la nuit, il dessina.
≠ La cour au dessous de la tour
fr: faire du pain
= Comment on fait le pain
= Faire son pain chez soi
≠ Une affaire de copain
≠ La faim et le pin
fr: four à pizza
= Des fours à pizza pour le jardin
= Une pizza cuite au four
≠ La fourmi et la pizza
≠ Une fourrure couleur pizza
fr: tapis de course
= Courir sur un tapis de course
= Les tapis de course pliables
≠ Il fait les courses et roule le tapis.
≠ Tapie au cours de la nuit
fr: pièce de théâtre
= Des pièces de théâtre pour enfants
= Une pièce jouée au théâtre
≠ Une pièce de deux euros devant le théâtre
≠ L'appartement a trois pièces près du théâtre.
fr: télétravail
= Le télé-travail en famille
= Jours de télétravail
≠ La télé, pas le travail
≠ Il travaille devant la télé allumée du bureau.
fr: moule à gâteau
= Des moules à gâteau en silicone
= Un moule pour le gâteau
≠ Les moules sont fraîches, le gâteau aussi.
≠ Une robe qui moule, un gâteux qui rit
fr: cartes de visite
= Une carte de visite sobre
= Imprimer ses cartes de visite
≠ À la carte, lors de notre visite
≠ Le visiteur écarte la branche.
fr: peindre un mur
= Comment peindre les murs
= Des murs peints en bleu
≠ La peine de l'emmuré
≠ Il peigne ses cheveux au pied du mur.
fr: tour de France
= Le Tour de France passe ici.
= Un tour de la France à pied
≠ La tour domine la France.
≠ En France, chacun son tour.
fr: recette de crêpes
= Des recettes pour les crêpes
= Une recette de crêpe sans lait
≠ Les recettes de l'État et le papier crépon
≠ Le crépi est recouvert.
fr: gagner du temps
= Le temps que l'on gagne
= Comment gagner un peu de temps
≠ La tempête gagne du terrain.
≠ Il gagne la partie par tous les temps.
fr: lit pour enfant
= Des lits pour enfants
= Un lit d'enfant en bois
≠ Il lit pour son enfant.
≠ L'enfant lit mieux.
fr: coût de la vie
= Ce que coûte la vie
= Les coûts de la vie montent.
≠ Le couteau lui sauva la vie.
≠ Un coup dans la vie
fr: bois de chauffage
= Chauffer au bois : le bois de chauffage sec
= Acheter du bois de chauffage
≠ Je bois du thé près du chauffage.
≠ Il boit ; le chauffeur attend.
`;
