/** Makes the demo's keyword file: searches with seasons, difficulty, intent and cost, seeded so that it never changes by itself. */
import type { Intent, KeywordRow } from "../src/core/keywords/keyword";

/** Season of a subject: share of the yearly mean in each month, December of last year first. */
const SEASONS: Record<string, number[]> = {
  flat: [0.9, 0.95, 0.95, 1.05, 1.1, 1.1, 1.05, 1, 0.95, 1.05, 1, 0.9],
  spring: [0.5, 0.6, 0.8, 1.4, 1.7, 1.6, 1.3, 1.1, 1, 0.9, 0.7, 0.4],
  winter: [1.9, 2.2, 1.6, 0.8, 0.4, 0.3, 0.2, 0.2, 0.3, 0.7, 1.4, 2],
  school: [0.7, 0.8, 0.9, 1, 1, 0.9, 0.8, 1.2, 1.9, 1.2, 0.9, 0.7],
};

/** season | intent | difficulty about | searches about | keywords, the biggest first */
const SUBJECTS = `
spring|commercial|46|5400|electric cargo bike; cargo bike; family cargo bike; best family cargo bike; electric cargo bike for families; cargo bike for two children; cargo bike for three children; cargo bike with child seats; electric family bike; best electric cargo bike; light cargo bike; compact cargo bike; cargo bike for short riders; cargo bike for tall riders; electric bike with box in front; cargo bike reviews; cheap electric cargo bike; electric cargo bike for small flats; cargo bike for a baby; cargo bike for toddlers
spring|commercial|34|1300|long tail or box bike; longtail bike; electric longtail; box bike; front loading cargo bike; two wheels or three cargo bike; three wheel cargo bike; tilting cargo trike; longtail with two seats; midtail bike; box bike with rain cover; folding cargo bike
spring|transactional|52|900|buy electric cargo bike; used cargo bike; used electric cargo bike; cargo bike sale; cargo bike finance; cargo bike by monthly payments; second hand longtail; cargo bike deals; order cargo bike
flat|informational|22|720|how much does a cargo bike cost; cost of a cargo bike; cargo bike running costs; cargo bike insurance; cargo bike insurance cost; is a cargo bike worth it; cargo bike grant; cargo bike tax; how long does a cargo bike last; cargo bike resale value
flat|informational|18|880|cargo bike or second car; cargo bike instead of car; sell the second car; living without a second car; family without a car; cargo bike or trailer; cargo bike or car costs; can a cargo bike replace a car; car free family; cargo bike savings
flat|local|12|320|cargo bike hire; rent a cargo bike; cargo bike hire near me; cargo bike for a weekend; cargo bike by the week; cargo bike test ride; cargo bike shop; cargo bike repair near me; hire electric cargo bike; cargo bike rental prices; cargo bike subscription
flat|informational|16|590|cargo bike maintenance; cargo bike service; cargo bike brake pads; cargo bike chain; cargo bike tyre pressure; cargo bike tyres; cargo bike puncture; how to clean a cargo bike; cargo bike brakes squeal; bleed cargo bike brakes; cargo bike chain wear; cargo bike belt drive; cargo bike spokes breaking; cargo bike steering play; cargo bike stand repair; cargo bike service interval; cargo bike tools
winter|informational|20|480|winter cycling with children; cargo bike in winter; cargo bike rain cover; keep children warm in a cargo bike; cargo bike in snow; winter tyres for cargo bike; cycling with a baby in winter; children's clothes for winter cycling; cargo bike blanket; cargo bike lights; cargo bike in heavy rain; cargo bike canopy; riding on ice
winter|informational|28|1600|e-bike battery in winter; ebike range in cold; store ebike battery; charge e-bike battery in cold; e-bike battery life; replace e-bike battery; e-bike battery cost; can i leave e-bike battery outside; e-bike battery not charging; how long do e-bike batteries last; second battery for cargo bike
school|informational|14|390|school run by bike; cargo bike school run; how to carry two children by bike; how to carry a baby on a bike; what age can a baby ride in a cargo bike; child seat for longtail; cargo bike seat belts; helmet for toddlers; cycling with three children; carry a child's bike on a cargo bike; bike bus to school
flat|commercial|38|650|best lock for a cargo bike; folding lock; lock a longtail; cargo bike alarm; cargo bike tracker; how to park a cargo bike; cargo bike shed; cargo bike storage; cargo bike cover; cargo bike in a flat; cargo bike garage
flat|commercial|41|540|delivery by cargo bike; cargo bike courier; last mile delivery; cargo bike for business; cargo bike for tradespeople; cargo bike for plumbers; cargo bike trailer; cargo bike payload; refrigerated cargo bike; cargo bike fleet; lease cargo bike for business; cargo bike delivery cost
flat|informational|15|260|dog in a cargo bike; how to carry a dog on a bike; cargo bike for large dogs; dog box for cargo bike; dog harness for bike; cargo bike ramp for dogs
spring|informational|24|430|how much motor for a cargo bike; newton metres e-bike; hub motor or mid motor; cargo bike uphill; cargo bike on hills; cargo bike range; cargo bike weight; cargo bike dimensions; cargo bike turning circle; cargo bike speed; how wide is a cargo bike; cargo bike on a train
spring|informational|11|210|family rides; easy bike rides with children; cargo bike picnic; cargo bike camping; cargo bike tour with children; cargo bike to the beach; weekend bike trip with kids
`;

/** Mulberry32, a small generator with a seed (T. Ettinger, 2017). */
function seeded(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const rounded = (n: number) =>
  n >= 1000 ? Math.round(n / 100) * 100 : Math.max(10, Math.round(n / 10) * 10);

export function demoKeywords(): KeywordRow[] {
  const random = seeded(4310);
  return SUBJECTS.trim()
    .split("\n")
    .flatMap((line) => {
      const [season, intent, difficulty, biggest, keywords] = line.split("|") as [
        string,
        Intent,
        string,
        string,
        string,
      ];
      return keywords.split(";").map((text, i): KeywordRow => {
        const searches = rounded((Number(biggest) / (1 + i * 0.55)) * (0.75 + random() * 0.5));
        const months = SEASONS[season]!.map((share) => rounded(searches * share * (0.92 + random() * 0.16)));
        const words = text.trim().split(" ").length;
        return {
          text: text.trim(),
          searches,
          months,
          difficulty: Math.round(
            Math.min(88, Math.max(3, Number(difficulty) + 14 - words * 5 - i * 0.7 + random() * 14)),
          ),
          intent,
          costPerClick: Math.round((0.12 + random() * (intent === "informational" ? 0.5 : 1.6)) * 100) / 100,
          standIn: true,
        };
      });
    });
}
