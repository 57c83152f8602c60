/** Keywords in which a preposition is as much of the matter as the noun. */
import { expect, it } from "vitest";
import { isFound } from "../../testing/isFound";

it.each([
  ["en", "at school", "Lunch at your new school", "The school was looked at."],
  ["en", "on foot", "Round the lake on foot", "The foot goes on."],
  ["en", "in winter", "Riding in a hard winter", "Come in, winter is near."],
  ["de", "auf balkonien", "Urlaub auf Balkonien", "Balkonien hört auf."],
  ["fr", "à vélo", "Au travail à vélo", "Le vélo est à moi."],
  ["es", "en tren", "De viaje en tren", "El tren en el que dormí"],
  ["nl", "op kantoor", "Planten op kantoor", "Het kantoor gaat open en valt op."],
  ["it", "in giardino", "Una cena in giardino", "Il giardino in cui dorme"],
  ["pt", "em família", "Férias em família", "A família em que nasceu"],
  // Where the verb stands first, verb, preposition and noun are one; an article may have grown into the preposition.
  ["fr", "passer à table", "Passez à table !", "La table passe la porte."],
  ["es", "jugar en equipo", "Jugar en el equipo azul", "El equipo juega la final."],
  ["it", "andare in montagna", "Andare in montagna d'inverno", "La montagna va scalata."],
  ["pt", "andar a cavalo", "Andamos a cavalo aos domingos", "O cavalo andou cinco metros."],
  ["pt", "gostar de bolos", "Gosto dos bolos da avó", "Gostou tanto que deixou os bolos."],
  // What is partitive in French is no preposition.
  ["fr", "boire de l'eau", "Buvez l'eau fraîche", "Le boa dort dans l'eau."],
])("in %s, “%s” is found in “%s” and not in “%s”", (language, keyword, found, not) => {
  expect([isFound(language, keyword, found), isFound(language, keyword, not)]).toEqual([true, false]);
});

it("is not scattered over a title either", () => {
  expect(isFound("en", "at school", "The school we never built", true)).toBe(false);
  expect(isFound("en", "pot for herbs", "Herbs that fit any pot", true)).toBe(true);
});
