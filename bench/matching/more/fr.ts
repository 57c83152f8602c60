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
`;
