/** A second set in French: no rule was made by them. */
export const FRENCH = `
fr: vélo électrique
= Des vélos électriques pour la ville
= Un vélo à assistance électrique
≠ L'électricien est venu à vélo.
≠ Son vélo touchait le fil électrifié.
fr: livre de cuisine
= Des livres pour la cuisine de tous les jours
= Un livre de cuisine végétarienne
≠ Une livre de beurre attend dans la cuisine.
≠ Il livre des pizzas et cuisine le soir.
fr: porte d'entrée
= Peindre la porte d'entrée
= Des portes d'entrée en bois
≠ Elle porte une robe à l'entrée.
≠ L'entrée est servie; qui porte le plat?
fr: table basse
= Une table basse en chêne
= Des tables basses
≠ Le baron baisse la voix à table.
≠ La table de multiplication en classe de basse
fr: assurance voyage
= Une assurance pour vos voyages
= Assurances voyage comparées
≠ Il voyage avec assurance.
≠ Je vous assure que le voyage est long.
fr: crème solaire
= Des crèmes solaires pour enfants
= Quelle crème solaire choisir?
≠ Un panneau solaire et une crème brûlée
≠ Le système solaire, la crème de la science
`;
