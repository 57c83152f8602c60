/** Draws the demo's pictures and writes them as JPEG files. Run with `npm run demo:pictures`. */
import { join } from "node:path";
import {
  battery,
  boxBike,
  day,
  drawAll,
  dusk,
  flakes,
  ground,
  hills,
  indoors,
  lock,
  parcels,
  rain,
  river,
  scene,
  snow,
  tools,
  town,
  two,
} from "./drawing";

const pictures: Record<string, string> = {
  "two-children-in-a-box-bike": scene(
    day,
    hills(day) + river + ground(day) + boxBike(270, 620, day, two(day)),
  ),
  "box-bike-by-the-river": scene(dusk, hills(dusk) + river + ground(dusk) + boxBike(330, 620, dusk)),
  "cargo-bike-in-the-workshop": scene(indoors, tools + ground(indoors) + boxBike(300, 620, indoors)),
  "winter-school-run": scene(snow, town(snow) + ground(snow) + boxBike(270, 620, snow, two(snow)) + flakes),
  "rain-cover-on-the-bridge": scene(
    dusk,
    town(dusk) +
      ground(dusk) +
      boxBike(
        280,
        620,
        dusk,
        `<path d="M512 500 q10 -190 140 -190 q110 0 120 180 Z" fill="#dfe8ec" opacity=".75"/>`,
      ) +
      rain,
  ),
  "parcels-for-the-old-town": scene(day, town(day) + ground(day) + boxBike(280, 620, day, parcels)),
  "battery-indoors": scene(indoors, battery + ground(indoors)),
  "folding-lock": scene(day, hills(day) + lock),
};

await drawAll(pictures, join(import.meta.dirname, "pictures"));
