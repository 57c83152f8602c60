/** Who writes for the demo's site, how its posts are filed, and the pages that are no posts. */
import type { Author, Category } from "../src/core/site/shapes";
import { pageAt, plainListPages } from "../src/core/site/site";
import { plainSlug } from "../src/core/site/slugs";
import type { Site } from "../src/data/model";

/** @param picture one of demo/pictures, by the name of its file without the ending; empty for none */
const category = (
  name: string,
  description: string,
  parent: string | null = null,
  picture = "",
): Category => ({
  id: plainSlug(name),
  name,
  slug: plainSlug(name),
  description,
  ...(picture && { picture: `asset:${picture}` }),
  parent: parent && plainSlug(parent),
});

const author = (name: string, biography: string, guest = false): Author => ({
  name,
  slug: plainSlug(name),
  biography,
  guest,
});

const categories = [
  category(
    "Riding with children",
    "Seats, belts, weather and patience: how families get about by cargo bike.",
  ),
  category("School run", "Ten past eight, rain or shine.", "Riding with children"),
  category("Choosing a bike", "Long tail or front loader, hire or buy, and what it costs in the end."),
  category(
    "Care and repair",
    "What to look after yourself, and what to leave to the workshop.",
    null,
    "cargo-bike-in-the-workshop",
  ),
  category("Batteries", "Range, cold, charging, and when a battery is done.", "Care and repair"),
  category("Work bikes", "Parcels, tools and bread: cargo bikes that earn their keep."),
  category(
    "Town and weather",
    "Routes, parking, ice and wind in Brackenford.",
    null,
    "rain-cover-on-the-bridge",
  ),
];

/** @returns ids of the category of this name: those of a part of another stand in that one, too */
export function categoryIds(name: string): string[] {
  const there = categories.find((one) => one.name === name);
  return there ? [there.id] : [];
}

export const places: Pick<
  Site,
  "authors" | "categories" | "socialPicture" | "pages" | "addressPattern" | "timeZone" | "listPages"
> = {
  authors: [
    author(
      "Ottilie Marsh",
      "Ottilie writes The Long Haul and has taken two children and a cello to school by cargo bike since 2019.",
    ),
    author(
      "Dev Raman",
      "Dev runs the workshop. He has trued more wheels than he can count and still listens to every hub.",
    ),
    author("Pia Lindqvist", "Pia delivers bread for three bakeries and writes for us now and then.", true),
  ],
  categories,
  socialPicture: "asset:box-bike-by-the-river",
  pages: [
    {
      ...pageAt("/"),
      title: "Brackenford Cargo Cycles",
      metaTitle: "Cargo bikes in Brackenford: sales, hire and repair",
      description:
        "We sell, hire and mend cargo bikes for families and small trades in Brackenford. Come for a test ride along the river.",
      keyword: "cargo bikes Brackenford",
    },
    {
      ...pageAt("/about"),
      title: "About us",
      description: "Five people, one workshop by the old mill, and a yard full of cargo bikes to try.",
    },
    {
      ...pageAt("/shop"),
      title: "Shop",
      description:
        "New and used cargo bikes, seats, rain covers, locks and lights, with prices and what is in stock.",
      keyword: "cargo bike shop",
    },
    {
      ...pageAt("/workshop"),
      title: "Workshop",
      description:
        "Servicing, wheels, brakes and batteries for cargo bikes of any make, as a rule within three days.",
    },
    {
      ...pageAt("/hire"),
      title: "Hire",
      description: "Cargo bikes by the day, the weekend or the month, with seats and a lesson in the yard.",
    },
    pageAt("/contact"),
  ],
  addressPattern: "slug",
  // A made-up town, in a zone that puts its clocks forward and back.
  timeZone: "Europe/London",
  listPages: plainListPages,
};
