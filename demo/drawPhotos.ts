/** Draws the pictures of the stand-in photo shelf and lists them in photos.json. Run with `npm run demo:photos`. */
import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { ShelfPhoto } from "../src/data/schemas/photos";
import {
  battery,
  boxBike,
  child,
  day,
  drawAll,
  dusk,
  flakes,
  ground,
  H,
  hills,
  indoors,
  lock,
  type Palette,
  parcels,
  rain,
  river,
  scattered,
  scene,
  snow,
  tools,
  town,
  two,
  W,
  wheel,
} from "./drawing";

const out = join(import.meta.dirname, "photos");

const one = (p: Palette) => child(640, 410, "#4e8c8a", p.bike);
const rack = (p: Palette) =>
  [60, 400, 740]
    .map((x) => `<g transform="translate(${x} 340) scale(.48)">${boxBike(0, 620, p)}</g>`)
    .join("");
const lights = `<g fill="#ffe9a8"><circle cx="905" cy="560" r="26"/><path d="M920 545 L1200 470 V660 L920 580 Z" opacity=".45"/></g>`;
const pump = `<g fill="none" stroke="#4a5560" stroke-width="18" stroke-linecap="round"><path d="M760 600 V330 M700 330 h120 M760 600 h-70 M760 600 h70 M760 560 C620 560 600 480 520 470"/></g>`;
const chain = `<g fill="none" stroke="#4a5560" stroke-width="16"><rect x="210" y="300" width="780" height="210" rx="105" stroke-dasharray="34 16"/></g><circle cx="330" cy="405" r="64" fill="#4a5560"/><circle cx="860" cy="405" r="84" fill="#4a5560"/>`;
const pads = `<g fill="#4a5560"><rect x="360" y="300" width="150" height="240" rx="18"/><rect x="690" y="300" width="150" height="240" rx="18"/></g><g fill="#b6532f"><rect x="510" y="320" width="40" height="200"/><rect x="650" y="320" width="40" height="200"/></g><rect x="588" y="220" width="24" height="400" fill="#9aa7ad"/>`;
const helmet = `<path d="M330 520 a270 240 0 0 1 540 0 Z" fill="#a23b3b"/><g fill="#7f2c2c"><rect x="430" y="380" width="60" height="120" rx="26"/><rect x="570" y="340" width="60" height="160" rx="26"/><rect x="710" y="380" width="60" height="120" rx="26"/></g><path d="M400 520 Q600 690 800 520" fill="none" stroke="#24415c" stroke-width="16"/>`;
const shed = (p: Palette) =>
  `<path d="M240 640 V330 L600 190 L960 330 V640 Z" fill="${p.near}"/><rect x="430" y="380" width="340" height="260" fill="#2b3740"/>`;
const map = `<rect x="220" y="140" width="760" height="520" fill="#f6efe0" stroke="#a58f6d" stroke-width="6"/><path d="M220 420 C420 360 520 520 720 460 S900 400 980 430" fill="none" stroke="#8fb3c4" stroke-width="34"/><path d="M300 600 L460 420 L640 300 L880 220" fill="none" stroke="#b6532f" stroke-width="10" stroke-dasharray="26 18"/><circle cx="300" cy="600" r="20" fill="#b6532f"/><circle cx="880" cy="220" r="20" fill="#b6532f"/>`;
const ramp = `<path d="M120 640 L820 460 V640 Z" fill="#8b8271"/>`;
const leaves = scattered(60, 780)
  .map(
    ({ x, y }, i) =>
      `<ellipse cx="${x}" cy="${y}" rx="14" ry="7" fill="${i % 2 ? "#b6532f" : "#e0a13a"}" transform="rotate(${i * 31} ${x} ${y})"/>`,
  )
  .join("");
const shopping = `<g><rect x="560" y="370" width="110" height="120" fill="#e8c24a"/><rect x="680" y="350" width="90" height="130" fill="#4e8c8a"/><path d="M600 370 q15 -90 30 0 M640 365 q22 -70 30 4" fill="none" stroke="#4d7a3a" stroke-width="14"/></g>`;
const dog = (p: Palette) =>
  `<g fill="#8d6a46"><ellipse cx="650" cy="440" rx="70" ry="80"/><circle cx="690" cy="360" r="46"/><path d="M660 330 l-10 -50 l40 26 Z"/></g><circle cx="706" cy="352" r="6" fill="${p.bike}"/>`;
const toolbox = `<g stroke="#6d5b43" stroke-width="4"><rect x="560" y="380" width="230" height="120" fill="#a23b3b"/><path d="M610 380 q65 -80 130 0" fill="none" stroke-width="14"/></g>`;
const bigWheel = (p: Palette) => wheel(600, 420, 300, p.bike);
const sun = `<circle cx="960" cy="170" r="70" fill="#ffe2a0" opacity=".9"/>`;

type Drawn = Omit<ShelfPhoto, "file" | "width" | "height"> & { svg: string };
const photo = (id: string, title: string, credit: string, words: string, svg: string): Drawn => ({
  id,
  title,
  credit,
  words: words.split(" "),
  svg,
});
const ADA = "Ada Quillmore";
const JON = "Jonas Reedham";
const MIR = "Mirre Oakes";

const photos: Drawn[] = [
  photo(
    "school-run-by-the-river",
    "Two children in a box bike by the river",
    ADA,
    "family school children river morning",
    scene(day, sun + hills(day) + river + ground(day) + boxBike(270, 620, day, two(day))),
  ),
  photo(
    "one-child-at-dusk",
    "One child in a box bike at dusk",
    ADA,
    "family child evening dusk",
    scene(dusk, hills(dusk) + ground(dusk) + boxBike(280, 620, dusk, one(dusk))),
  ),
  photo(
    "box-bike-in-snow",
    "Box bike in falling snow",
    MIR,
    "winter snow cold weather",
    scene(snow, town(snow) + ground(snow) + boxBike(280, 620, snow) + flakes),
  ),
  photo(
    "box-bike-in-rain",
    "Box bike in the rain, lamp on",
    MIR,
    "rain wet weather light lamp",
    scene(dusk, town(dusk) + ground(dusk) + boxBike(240, 620, dusk) + lights + rain),
  ),
  photo(
    "autumn-leaves-on-the-path",
    "Autumn leaves on the river path",
    MIR,
    "autumn leaves path slippery weather",
    scene(day, hills(day) + river + ground(day) + leaves),
  ),
  photo(
    "parcels-in-the-old-town",
    "Parcels in the box, old town behind",
    JON,
    "delivery parcels work town trade",
    scene(day, town(day) + ground(day) + boxBike(280, 620, day, parcels)),
  ),
  photo(
    "toolbox-on-board",
    "A tradesman's toolbox in the box",
    JON,
    "trade work tools plumber electrician",
    scene(day, town(day) + ground(day) + boxBike(280, 620, day, toolbox)),
  ),
  photo(
    "weekly-shopping",
    "The weekly shopping in the box",
    ADA,
    "shopping groceries family errands",
    scene(day, town(day) + ground(day) + boxBike(280, 620, day, shopping)),
  ),
  photo(
    "dog-in-the-box",
    "A dog rides in the box",
    ADA,
    "dog pet family",
    scene(day, hills(day) + ground(day) + boxBike(280, 620, day, dog(day))),
  ),
  photo(
    "three-bikes-at-the-rack",
    "Three cargo bikes at a rack",
    JON,
    "parking rack hire fleet town",
    scene(day, town(day) + ground(day) + rack(day)),
  ),
  photo(
    "bike-shed",
    "A bike shed with its door open",
    JON,
    "storage shed parking garage home",
    scene(day, hills(day) + ground(day) + shed(day)),
  ),
  photo(
    "workshop-wall",
    "Tools on the workshop wall",
    JON,
    "workshop tools repair maintenance",
    scene(indoors, `<g transform="scale(1.9)">${tools}</g>`),
  ),
  photo(
    "bike-in-the-workshop",
    "A box bike in the workshop",
    JON,
    "workshop service repair maintenance",
    scene(indoors, tools + ground(indoors) + boxBike(300, 620, indoors)),
  ),
  photo(
    "brake-pads",
    "Brake pads on either side of a disc",
    JON,
    "brake brakes pads disc maintenance safety",
    scene(indoors, pads),
  ),
  photo(
    "chain-and-sprockets",
    "A chain over two sprockets",
    JON,
    "chain drivetrain oil clean maintenance",
    scene(indoors, chain),
  ),
  photo(
    "floor-pump",
    "A floor pump with its hose",
    JON,
    "pump tyre tyres pressure air maintenance",
    scene(indoors, ground(indoors) + pump),
  ),
  photo(
    "front-wheel",
    "A front wheel, seen from the side",
    MIR,
    "wheel spokes tyre rim",
    scene(day, hills(day) + bigWheel(day)),
  ),
  photo(
    "battery-on-the-shelf",
    "A battery indoors, half charged",
    MIR,
    "battery charge electric range winter",
    scene(indoors, battery + ground(indoors)),
  ),
  photo(
    "battery-in-the-cold",
    "A battery in the cold",
    MIR,
    "battery cold winter electric range",
    scene(snow, battery + flakes),
  ),
  photo(
    "padlock",
    "A heavy padlock, shut",
    MIR,
    "lock theft security insurance",
    scene(day, hills(day) + lock),
  ),
  photo(
    "child-helmet",
    "A child's helmet",
    ADA,
    "helmet safety child children",
    scene(day, hills(day) + helmet),
  ),
  photo(
    "route-on-a-map",
    "A route drawn on a paper map",
    ADA,
    "route map plan river commute",
    scene(indoors, map),
  ),
  photo(
    "hill-with-a-load",
    "A box bike before a steep hill",
    ADA,
    "hill climb motor electric load",
    scene(day, hills(day) + ramp + ground(day) + boxBike(60, 620, day, two(day))),
  ),
  photo(
    "evening-by-the-bridge",
    "An empty river path in the evening",
    MIR,
    "evening river path empty town",
    scene(dusk, hills(dusk) + river + town(dusk) + ground(dusk)),
  ),
];

mkdirSync(out, { recursive: true });
await drawAll(Object.fromEntries(photos.map(({ id, svg }) => [id, svg])), out);
const list: ShelfPhoto[] = photos.map(({ svg: _svg, ...rest }) => ({
  ...rest,
  file: `${rest.id}.jpg`,
  width: W,
  height: H,
}));
writeFileSync(join(out, "photos.json"), `${JSON.stringify(list, null, 2)}\n`);
