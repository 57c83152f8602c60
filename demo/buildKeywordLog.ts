/**
 * Makes keyword-log.csv: what people of the scenario search for, month by month, in two regions. Seeded, so that it never
 * changes by itself. Run with `npm run demo:log`.
 */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import Papa from "papaparse";
import type { Intent } from "../src/core/keywords/keyword";
import { intentOf } from "../src/core/keywords/reader";
import { monthBefore } from "../src/core/keywords/seasonality";
import { normal, seeded } from "./seeded";

const LAST_MONTH = "2026-10";
const WANTED = 1500;

/** Share of the yearly mean in each month, November first, October last. */
const SEASONS = {
  flat: [0.95, 0.85, 0.95, 0.95, 1.05, 1.1, 1.1, 1.05, 1, 0.95, 1.05, 1],
  spring: [0.6, 0.45, 0.6, 0.8, 1.4, 1.7, 1.6, 1.3, 1.1, 1, 0.9, 0.75],
  winter: [1.7, 2, 2.1, 1.6, 0.8, 0.4, 0.3, 0.2, 0.25, 0.35, 0.8, 1.5],
  school: [0.85, 0.65, 0.85, 0.9, 1, 1, 0.9, 0.75, 1.2, 2, 1.25, 0.9],
};
type Season = keyof typeof SEASONS;

/** Regions: how much is searched there, and how far the winter reaches. */
const REGIONS = [
  { code: "RV", size: 1, cold: 1 },
  { code: "NC", size: 0.45, cold: 1.35 },
];

interface Subject {
  season: Season;
  /** What searchers of the subject want where no word of theirs says otherwise. */
  intent: Intent;
  /** Searches a month of the subject's first phrase. */
  most: number;
  /** Plain phrases, the most searched first. */
  phrases: string;
  /** Things to put into the patterns. */
  things?: string;
  /** "{}" is a thing; "!" before a pattern gives its own season. */
  patterns?: string;
}

const SUBJECTS: Subject[] = [
  {
    season: "spring",
    intent: "commercial",
    most: 5400,
    phrases:
      "electric cargo bike; cargo bike; family cargo bike; best family cargo bike; electric cargo bike for families; cargo bike for two children; cargo bike for three children; cargo bike with child seats; electric family bike; light cargo bike; compact cargo bike; cargo bike for short riders; cargo bike for tall riders; electric bike with box in front; cheap electric cargo bike; electric cargo bike for small flats; cargo bike for a baby; cargo bike for toddlers; cargo bike for twins; cargo bike for four children; cargo bike for grandparents; safest cargo bike for children; cargo bike for a small hallway; cargo bike with low step; quiet cargo bike; cargo bike with automatic gears; cargo bike for a single parent",
    things:
      "electric cargo bike; longtail bike; box bike; three wheel cargo bike; tilting cargo trike; midtail bike; folding cargo bike; family cargo bike; front loading cargo bike; compact cargo bike; electric longtail; cargo trike",
    patterns:
      "{}; best {}; {} price; how much is a {}; {} review; used {}; {} for two children; {} for sale; {} with rain cover; {} range; {} weight; {} dimensions; is a {} worth it; {} test ride; {} near me; {} hire; {} insurance; how fast is a {}; {} uphill; {} accessories; cheap {}; {} with mid motor; {} for beginners; {} payload; {} turning circle; {} vs trailer; how to choose a {}; {} on finance; what is a {}; {} safety; {} stability; can you carry a baby on a {}; {} second hand price; {} maintenance cost; {} in a flat; how to ride a {}; {} battery life",
  },
  {
    season: "flat",
    intent: "informational",
    most: 900,
    phrases:
      "how much does a cargo bike cost; cost of a cargo bike; cargo bike running costs; cargo bike insurance cost; cargo bike grant; cargo bike tax; how long does a cargo bike last; cargo bike resale value; cargo bike monthly payments; is a cargo bike worth the money; cargo bike savings; cargo bike through work; cargo bike subscription",
  },
  {
    season: "flat",
    intent: "informational",
    most: 880,
    phrases:
      "cargo bike or second car; cargo bike instead of car; sell the second car; living without a second car; family without a car; cargo bike or trailer; cargo bike or car costs; can a cargo bike replace a car; car free family; cost of a second car; second car worth it; car sharing with children; car sharing with child seats; how to live without a car; average cost of running a car; how many kilometres for a second car to pay; car club for families; cargo bike and car share; selling the family car; one car family; no car with two children; shopping without a car; holidays without a car; nursery run without a car; second car insurance; second car tax; parking permit second car; cheapest second car; electric car or cargo bike; e-bike instead of second car; cargo bike car comparison; weekly shop by cargo bike; moving house by cargo bike",
    things: "cargo bike; e-bike; longtail; bike trailer; car share; second car",
    patterns:
      "{} costs per year; {} cost per kilometre; {} for the school run; is a {} cheaper than a car; {} pros and cons; how much does a {} save; {} carbon footprint; {} depreciation; {} for the weekly shop; {} time saved in town; {} for a family of four; {} with a baby; {} in a small town; {} in the countryside",
  },
  {
    season: "flat",
    intent: "informational",
    most: 590,
    phrases:
      "cargo bike maintenance; cargo bike service; cargo bike service cost; cargo bike repair; cargo bike repair near me; cargo bike service interval; how to clean a cargo bike; cargo bike puncture; how to fix a puncture on a cargo bike; cargo bike tyre pressure; cargo bike tools; cargo bike annual service; cargo bike creaking; cargo bike washing with hose; cargo bike storage in winter; cargo bike wheel wobble; cargo bike steering play; bleed cargo bike brakes; cargo bike brakes squeal; cargo bike checklist before riding; mobile cargo bike mechanic; cargo bike workshop; cargo bike rust; cargo bike winter service",
    things:
      "brake pads; chain; belt; tyres; spokes; cables; hydraulic brakes; steering rods; centre stand; headset; bottom bracket; gear hub; motor; display; lights; mudguards; pedals; box floor; child seats; rain cover zip; wheel bearings; brake discs",
    patterns:
      "cargo bike {}; replace cargo bike {}; when to replace cargo bike {}; cargo bike {} cost; how to clean cargo bike {}; cargo bike {} noise; how long do cargo bike {} last; best {} for cargo bike; how to adjust cargo bike {}; how to check cargo bike {}; cargo bike {} worn; cargo bike {} loose",
  },
  {
    season: "winter",
    intent: "informational",
    most: 1600,
    phrases:
      "e-bike battery in winter; winter cycling with children; cargo bike in winter; keep children warm in a cargo bike; cargo bike in snow; winter tyres for cargo bike; cycling with a baby in winter; children's clothes for winter cycling; cargo bike blanket; cargo bike in heavy rain; cargo bike canopy; riding on ice; ebike range in cold; store ebike battery; charge e-bike battery in cold; e-bike battery life; replace e-bike battery; e-bike battery cost; can i leave e-bike battery outside; e-bike battery not charging; how long do e-bike batteries last; second battery for cargo bike; how cold is too cold for cycling with children; studded tyres for cargo bike; gloves for cargo bike; bar mitts for cargo bike; winter cycling lights; school run in the dark; reflective vest for children; cargo bike in wind; frozen bike lock; salt on bike chain; hot water bottle in cargo bike; foot muff for cargo bike; winter hat under helmet; balaclava for children cycling",
    things:
      "rain cover; winter blanket; foot muff; winter tyres; lights; canopy; gloves; rain trousers; snow suit; helmet hat; wind screen; thermal bag",
    patterns:
      "best {} for cargo bike; cargo bike {}; {} for children cycling; how to fit cargo bike {}; waterproof {} for cargo bike; cargo bike {} price; {} for box bike; {} for longtail; {} for baby in cargo bike; how to choose {} for cycling; used {} for cargo bike; {} for school run",
  },
  {
    season: "school",
    intent: "informational",
    most: 760,
    phrases:
      "school run by bike; cargo bike school run; how to carry two children by bike; how to carry a baby on a bike; what age can a baby ride in a cargo bike; child seat for longtail; cargo bike seat belts; helmet for toddlers; cycling with three children; carry a child's bike on a cargo bike; bike bus to school; how to start a bike bus; school street; safe routes to school; nursery run by bike; child sleeping in cargo bike; car seat in cargo bike; baby seat for box bike; how to carry a newborn by bike; toddler refuses cargo bike; two children arguing in a cargo bike; carry a pram on a cargo bike; carry a scooter on a cargo bike; cycling while pregnant with toddler; cycling with a six year old; when can children ride to school alone",
    things:
      "baby; toddler; two toddlers; twins; school child; two children; three children; newborn; child and shopping",
    patterns:
      "how to carry a {} by bike; cargo bike for {}; safest bike seat for {}; is it safe to cycle with a {}; cargo bike {} seat belt; helmet for {}; rain cover for {} on a bike; longtail for {}; box bike for {}; bike trailer for {}",
  },
  {
    season: "flat",
    intent: "commercial",
    most: 650,
    phrases:
      "best lock for a cargo bike; folding lock; lock a longtail; cargo bike alarm; cargo bike tracker; how to park a cargo bike; cargo bike shed; cargo bike storage; cargo bike cover; cargo bike in a flat; cargo bike garage; cargo bike stolen; cargo bike parking rules; where to keep a cargo bike; ground anchor for cargo bike; insurance for cargo bike theft; cargo bike hangar; ask landlord for bike parking; register a cargo bike; parking a cargo bike on the pavement",
    things: "lock; cover; shed; alarm; tracker; chain lock; frame lock; ground anchor",
    patterns:
      "cargo bike {}; best cargo bike {}; cargo bike {} review; cargo bike {} for outside; cheap cargo bike {}; how to use a cargo bike {}; do i need a cargo bike {}; cargo bike {} insurance approved; cargo bike {} for longtail; cargo bike {} weight",
  },
  {
    season: "flat",
    intent: "commercial",
    most: 540,
    phrases:
      "delivery by cargo bike; cargo bike courier; last mile delivery; cargo bike for business; cargo bike for tradespeople; cargo bike trailer; cargo bike payload; refrigerated cargo bike; cargo bike fleet; lease cargo bike for business; cargo bike delivery cost; cargo bike business grant; cargo bike advertising; cargo bike rider job; cargo bike depot; parcels by cargo bike; cargo bike delivery software; how fast is cargo bike delivery; cargo bike versus van; van or cargo bike in town; loading zone cargo bike; insurance for cargo bike business",
    things:
      "plumbers; electricians; florists; bakers; gardeners; window cleaners; caterers; chimney sweeps; couriers; tool hire; ice cream; coffee cart; photographers; cleaners; libraries; mobile repair; wine shops; greengrocers; laundry; pharmacies",
    patterns:
      "cargo bike for {}; {} by cargo bike; best cargo bike for {}; cargo bike {} conversion; used cargo bike for {}; cost of a cargo bike for {}; cargo bike box for {}; lease a cargo bike for {}; cargo bike or van for {}",
  },
  {
    season: "spring",
    intent: "informational",
    most: 430,
    phrases:
      "how much motor for a cargo bike; newton metres e-bike; hub motor or mid motor; cargo bike uphill; cargo bike on hills; cargo bike range; cargo bike weight; cargo bike dimensions; cargo bike turning circle; cargo bike speed; how wide is a cargo bike; cargo bike on a train; cargo bike on a ferry; cargo bike through a door; cargo bike up a kerb; cargo bike wheel size; cargo bike gears; belt or chain on a cargo bike; cargo bike brakes compared; cargo bike suspension; cargo bike licence; cargo bike helmet law; cargo bike cycle path rules; can two adults ride a cargo bike",
  },
  {
    season: "spring",
    intent: "informational",
    most: 260,
    phrases:
      "family rides; easy bike rides with children; cargo bike picnic; cargo bike camping; cargo bike tour with children; cargo bike to the beach; weekend bike trip with kids; cargo bike holiday; cargo bike with a dog and children; dog in a cargo bike; how to carry a dog on a bike; cargo bike for large dogs; dog box for cargo bike; dog harness for bike; cargo bike ramp for dogs; cargo bike for a wheelchair; carry a kayak by bike; carry a mattress by cargo bike; carry a christmas tree by bike; cargo bike market stall; river path cycling map; flat cycle routes with children; picnic spots by bike",
  },
  {
    season: "flat",
    intent: "transactional",
    most: 380,
    phrases:
      "cargo bike hire; rent a cargo bike; cargo bike hire near me; cargo bike for a weekend; cargo bike by the week; cargo bike test ride; cargo bike shop; cargo bike shop near me; hire electric cargo bike; cargo bike rental prices; cargo bike hire with child seats; cargo bike hire deposit; cargo bike hire terms; free cargo bike hire; borrow a cargo bike; cargo bike sharing; cargo bike library; try a cargo bike before buying; long term cargo bike hire; cargo bike hire for moving; cargo bike hire insurance; longtail hire; box bike hire; cargo trike hire; cargo bike hire for events",
  },
];

const random = seeded(4310);
const list = (text: string | undefined) =>
  (text ?? "")
    .split(";")
    .map((part) => part.trim())
    .filter(Boolean);
const rounded = (n: number) => (n >= 1000 ? Math.round(n / 100) * 100 : Math.max(0, Math.round(n / 10) * 10));

interface Query {
  text: string;
  intended: Intent;
  season: Season;
  searches: number;
}

function queriesOf({ season, intent, most, phrases, things, patterns }: Subject): Query[] {
  const plain = list(phrases).map((text, i) => ({
    text,
    intended: intent,
    season,
    searches: (most / (1 + i * 0.5)) * Math.exp(0.3 * normal(random)),
  }));
  const candidates = list(things).flatMap((thing, t) =>
    list(patterns).map((pattern, p) => ({
      text: pattern
        .replace("{}", thing)
        // "is a two toddlers", "a electric": English wants its articles right.
        .replace(/\ban? (?=(?:two|three) (?:toddlers|children)|twins|child and)/, "")
        .replace(/\ba (?=[aeiou])/, "an "),
      intended: intent,
      season,
      searches: (most / (4 + t * 0.7 + p * 0.9)) * Math.exp(0.7 * normal(random)),
    })),
  );
  return [...plain, ...candidates];
}

const seen = new Set<string>();
const all = SUBJECTS.flatMap(queriesOf).filter(({ text }) => !seen.has(text) && seen.add(text));
const queries = [...all].sort((a, b) => b.searches - a.searches).slice(0, WANTED);

const months = Array.from({ length: 12 }, (_, i) => monthBefore(LAST_MONTH, 11 - i));
const rows = REGIONS.flatMap(({ code, size, cold }) =>
  queries.flatMap(({ text, intended, season, searches }) => {
    const intent = intentOf(text, "en").intent || intended;
    const local = searches * size * Math.exp(0.35 * normal(random));
    const counts = SEASONS[season].map((share) =>
      rounded(local * (season === "winter" ? share ** cold : share) * (0.9 + random() * 0.2)),
    );
    const cost = (0.12 + random() * (intent === "informational" ? 0.5 : 1.7)).toFixed(2);
    // Hardly searched for there: the log of that region has no such query.
    return counts.reduce((sum, n) => sum + n, 0) < 60 ? [] : [[code, text, intent, cost, ...counts]];
  }),
);
const out = join(import.meta.dirname, "keyword-log.csv");
writeFileSync(
  out,
  `${Papa.unparse({ fields: ["region", "query", "intent", "cost per click", ...months], data: rows }, { newline: "\n" })}\n`,
);
console.log(`${queries.length} queries, ${rows.length} rows: ${out}`);
