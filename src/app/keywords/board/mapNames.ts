/** Where the map writes the names of its best keywords: beside their points, clear of one another and of other points where they can be. */
import { opportunityOf } from "../../../core/keywords/opportunity";
import type { MapPoint } from "../../../workers/keywordBoard";

/** A name, and where it stands to its point, in pixels to the right and downwards. */
export interface MapName {
  text: string;
  searches: number;
  difficulty: number;
  side: Side;
  dx: number;
  dy: number;
}
type Side = "start" | "middle" | "end";

/** So many are named. */
const NAMED = 10;
/** The drawing in a window 1,240 pixels wide: what has room there has room in a wider one. */
const PLOT = { width: 860, height: 350 };
/** The map's small type; letters at their widest on average. */
const LETTER = 6.2;
const LINE = 14;
const POINT = 4;

/** The places of a name, the best first; `dy` is of its middle. */
const PLACES = [0, -1, 1, -2, 2].flatMap((lines): Pick<MapName, "side" | "dx" | "dy">[] => {
  const dy = lines * LINE;
  return lines === 0
    ? [
        { side: "start", dx: 8, dy },
        { side: "end", dx: -8, dy },
      ]
    : [
        { side: "middle", dx: 0, dy },
        { side: "start", dx: 4, dy },
        { side: "end", dx: -4, dy },
      ];
});
/** What makes a place worse, in steps down the list of places. */
const COVERS_NAME = 1000;
const OUTSIDE = 300;
const COVERS_POINT = 2;
/** A name two lines off might be another point's. */
const FAR = 4;
const COVERS_NAMED_POINT = 30;

/**
 * @param top the highest place of the upward axis, as `heightOf` gives it
 * @param heightOf the place of so many searches on the upward axis
 * @returns the ten keywords of most opportunity, best first, each at the place that covers least
 */
export function placeNames(
  points: readonly MapPoint[],
  top: number,
  heightOf: (searches: number) => number,
): MapName[] {
  const drawn = points
    .map((point) => ({
      ...point,
      worth: opportunityOf(point.searches, point.difficulty),
      x: (point.difficulty / 100) * PLOT.width,
      y: (1 - heightOf(point.searches) / top) * PLOT.height,
    }))
    .sort((a, b) => b.worth - a.worth);
  const taken: Area[] = [];
  return drawn.slice(0, NAMED).map((named): MapName => {
    const tried = PLACES.map((place, step) => {
      const area = areaOf(named, place);
      const cost =
        step * (Math.abs(place.dy) > LINE ? FAR : 1) +
        taken.filter((other) => meet(area, other)).length * COVERS_NAME +
        sum(drawn, ({ x, y }, i) =>
          meet(area, around(x, y)) ? (i < NAMED ? COVERS_NAMED_POINT : COVERS_POINT) : 0,
        ) +
        (area.left < 0 || area.right > PLOT.width || area.top < 0 || area.bottom > PLOT.height ? OUTSIDE : 0);
      return { place, area, cost };
    });
    const { place, area } = tried.reduce((best, one) => (one.cost < best.cost ? one : best));
    taken.push(area);
    const { text, searches, difficulty } = named;
    return { text, searches, difficulty, ...place };
  });
}

interface Area {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

function areaOf(
  { text, x, y }: { text: string; x: number; y: number },
  { side, dx, dy }: { side: Side; dx: number; dy: number },
): Area {
  const width = text.length * LETTER;
  const left = x + dx - (side === "start" ? 0 : side === "end" ? width : width / 2);
  return { left, right: left + width, top: y + dy - LINE / 2, bottom: y + dy + LINE / 2 };
}

const sum = <T>(items: readonly T[], of: (item: T, i: number) => number): number =>
  items.reduce((total, item, i) => total + of(item, i), 0);

const around = (x: number, y: number): Area => ({
  left: x - POINT,
  right: x + POINT,
  top: y - POINT,
  bottom: y + POINT,
});

const meet = (a: Area, b: Area): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
