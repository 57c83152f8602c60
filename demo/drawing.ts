/** Parts of the demo's drawn pictures: plain scenes of our own, as SVG. */
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { chromiumArguments, chromiumPath } from "../scripts/chromium";

export const W = 1200;
export const H = 800;
export type Palette = {
  sky: [string, string];
  far: string;
  near: string;
  ground: string;
  bike: string;
  accent: string;
};
export const day: Palette = {
  sky: ["#cfe3ee", "#f6efe0"],
  far: "#a9c2b4",
  near: "#7fa08c",
  ground: "#d9cfb4",
  bike: "#1d3b53",
  accent: "#b6532f",
};
export const dusk: Palette = {
  sky: ["#54607e", "#e7b68f"],
  far: "#5f6f7f",
  near: "#3f5560",
  ground: "#8b8271",
  bike: "#1a2430",
  accent: "#e0a13a",
};
export const snow: Palette = {
  sky: ["#c5d3de", "#eef2f4"],
  far: "#b7c4cc",
  near: "#94a7b1",
  ground: "#f3f6f7",
  bike: "#24415c",
  accent: "#a23b3b",
};
export const indoors: Palette = {
  sky: ["#e9e0d2", "#d8cbb5"],
  far: "#c3b395",
  near: "#a58f6d",
  ground: "#8d7758",
  bike: "#243b4a",
  accent: "#c0702c",
};

export const wheel = (x: number, y: number, r: number, c: string) => {
  const spokes = Array.from({ length: 9 }, (_, i) => {
    const a = (i * Math.PI) / 4.5;
    return `<line x1="${x}" y1="${y}" x2="${x + r * Math.cos(a)}" y2="${y + r * Math.sin(a)}" stroke="${c}" stroke-width="2" opacity=".6"/>`;
  }).join("");
  return `<circle cx="${x}" cy="${y}" r="${r}" fill="none" stroke="${c}" stroke-width="14"/>${spokes}<circle cx="${x}" cy="${y}" r="10" fill="${c}"/>`;
};

/** A bike with a box between handlebar and front wheel, its rear wheel at (x, y). */
export const boxBike = (x: number, y: number, p: Palette, inBox = "") => `
  ${wheel(x, y, 92, p.bike)}${wheel(x + 560, y + 22, 70, p.bike)}
  <g fill="none" stroke="${p.bike}" stroke-width="16" stroke-linecap="round" stroke-linejoin="round">
    <path d="M${x} ${y} L${x + 70} ${y - 150} L${x + 190} ${y - 10} Z M${x + 70} ${y - 150} L${x + 215} ${y - 130} L${x + 190} ${y - 10}"/>
    <path d="M${x + 215} ${y - 130} L${x + 205} ${y - 230} M${x + 175} ${y - 240} L${x + 235} ${y - 236}"/>
    <path d="M${x + 190} ${y + 18} L${x + 480} ${y + 18} L${x + 560} ${y + 22} L${x + 520} ${y - 70}"/>
    <path d="M${x + 62} ${y - 175} L${x + 70} ${y - 150}"/>
  </g>
  <path d="M${x + 25} ${y - 190} h80 l-10 18 h-60 Z" fill="${p.bike}"/>
  ${inBox}
  <path d="M${x + 238} ${y - 120} L${x + 500} ${y - 140} L${x + 474} ${y + 12} L${x + 262} ${y + 12} Z" fill="${p.accent}"/>
  <path d="M${x + 244} ${y - 96} L${x + 496} ${y - 114}" stroke="#fff" stroke-width="6" opacity=".5"/>`;

export const child = (x: number, y: number, coat: string, helmet: string) => `
  <path d="M${x - 42} ${y + 90} q6 -86 42 -86 q36 0 42 86 Z" fill="${coat}"/><circle cx="${x}" cy="${y - 22}" r="32" fill="#e6b892"/>
  <path d="M${x - 36} ${y - 26} a36 34 0 0 1 72 0 Z" fill="${helmet}"/>`;
export const hills = (p: Palette) => `
  <path d="M0 470 C200 380 380 430 560 400 S980 340 1200 430 V800 H0 Z" fill="${p.far}"/>
  <path d="M0 540 C240 470 420 560 640 500 S1040 470 1200 530 V800 H0 Z" fill="${p.near}"/>`;
export const town = (p: Palette) =>
  [80, 190, 330, 760, 880, 1010]
    .map(
      (x, i) =>
        `<path d="M${x} 520 v-${110 + (i % 3) * 40} l50 -44 l50 44 v${110 + (i % 3) * 40} Z" fill="${i % 2 ? p.far : p.near}"/>`,
    )
    .join("");
export const river = `<path d="M0 560 C300 520 520 600 760 560 S1080 540 1200 560 V640 H0 Z" fill="#8fb3c4" opacity=".8"/>`;
export const ground = (p: Palette) =>
  `<rect y="640" width="${W}" height="160" fill="${p.ground}"/><rect y="640" width="${W}" height="6" fill="#000" opacity=".08"/>`;
/** Places spread evenly and without a pattern to the eye (M. Roberts, "The unreasonable effectiveness of quasirandom sequences", 2018). */
export const scattered = (n: number, height: number): { x: number; y: number }[] =>
  Array.from({ length: n }, (_, i) => ({
    x: Math.round(((i * 0.7548776662) % 1) * W),
    y: Math.round(((i * 0.5698402909) % 1) * height),
  }));
export const rain = scattered(90, 620)
  .map(
    ({ x, y }) =>
      `<line x1="${x}" y1="${y}" x2="${x - 12}" y2="${y + 34}" stroke="#fff" stroke-width="3" opacity=".45"/>`,
  )
  .join("");
export const flakes = scattered(80, 640)
  .map(({ x, y }, i) => `<circle cx="${x}" cy="${y}" r="${3 + (i % 4)}" fill="#fff" opacity=".85"/>`)
  .join("");
export const tools = `<g fill="none" stroke="#6d5b43" stroke-width="14" stroke-linecap="round"><path d="M120 150 v170 M210 140 v180 M300 160 v150 M390 150 v120"/><circle cx="210" cy="120" r="26"/><path d="M276 150 a26 26 0 0 1 48 0"/></g><rect x="70" y="110" width="380" height="8" fill="#6d5b43"/><rect y="560" width="${W}" height="80" fill="#6d5b43"/>`;
export const parcels = `<g stroke="#7a5a35" stroke-width="4"><rect x="590" y="388" width="110" height="110" fill="#c99c63"/><rect x="690" y="350" width="96" height="130" fill="#d9b27f"/><rect x="560" y="330" width="90" height="70" fill="#b98a50"/></g>`;
export const battery = `<g><rect x="420" y="180" width="360" height="430" rx="30" fill="#24343f"/><rect x="520" y="140" width="160" height="60" rx="14" fill="#24343f"/><g fill="#e0a13a"><rect x="470" y="500" width="260" height="60" rx="8"/><rect x="470" y="420" width="260" height="60" rx="8"/></g><g fill="none" stroke="#e0a13a" stroke-width="6" opacity=".5"><rect x="470" y="340" width="260" height="60" rx="8"/><rect x="470" y="260" width="260" height="60" rx="8"/></g></g>`;
export const lock = `<g><path d="M480 400 v-90 a120 120 0 0 1 240 0 v90" fill="none" stroke="#4a5560" stroke-width="44"/><rect x="420" y="390" width="360" height="250" rx="26" fill="#b6532f"/><circle cx="600" cy="490" r="34" fill="#3a1d12"/><rect x="588" y="500" width="24" height="80" fill="#3a1d12"/></g>`;

export const two = (p: Palette) => child(590, 420, "#e8c24a", p.bike) + child(700, 405, "#4e8c8a", "#8c3b4a");
export const scene = (p: Palette, parts: string) => `
  <svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}" viewBox="0 0 ${W} ${H}">
  <defs><linearGradient id="s" x2="0" y2="1"><stop stop-color="${p.sky[0]}"/><stop offset="1" stop-color="${p.sky[1]}"/></linearGradient></defs>
  <rect width="${W}" height="${H}" fill="url(#s)"/>${parts}</svg>`;

/** Draws scenes as JPEG files, one after the other. */
export async function drawAll(scenes: Record<string, string>, folder: string): Promise<void> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const page = await browser.newPage({ viewport: { width: W, height: H } });
  for (const [name, svg] of Object.entries(scenes)) {
    await page.setContent(`<body style="margin:0">${svg}</body>`);
    await page.screenshot({ path: join(folder, `${name}.jpg`), type: "jpeg", quality: 72 });
  }
  await browser.close();
  console.log(`${Object.keys(scenes).length} pictures in ${folder}`);
}
