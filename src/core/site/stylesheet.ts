import { BLOCK_KINDS } from "../blocks/registry";
import { defineFiles, written } from "./plan";

/** The one stylesheet: of the site's frame, and of each kind of block, which brings its own. */
const STYLE = `:root{color-scheme:light dark;--paper:#fff;--ink:#1b2430;--soft:#57636f;--rule:#d6dcda;--link:#155a8a;--wash:#f2f5f4}
@media (prefers-color-scheme:dark){:root{--paper:#15191d;--ink:#e7ebe9;--soft:#a5b0b4;--rule:#353f44;--link:#86bbe8;--wash:#1e252a}}
*{box-sizing:border-box}
html{-webkit-text-size-adjust:100%}
body{margin:0;font:1.0625rem/1.65 Georgia,"Times New Roman",serif;color:var(--ink);background:var(--paper);overflow-wrap:break-word}
a{color:var(--link);text-underline-offset:.15em}
a:focus-visible,iframe:focus-visible{outline:3px solid var(--link);outline-offset:2px}
h1,h2,h3,h4,h5,h6{line-height:1.25;margin:1.8em 0 .5em;text-wrap:balance}
h1{font-size:clamp(1.7rem,5vw,2.4rem);margin:.4em 0}
img{max-width:100%;height:auto}
pre{overflow-x:auto;padding:.8rem 1rem;background:var(--wash)}
table{border-collapse:collapse;display:block;overflow-x:auto}th,td{border:1px solid var(--rule);padding:.4rem .7rem;text-align:start;vertical-align:top}
blockquote{margin:1.5rem 0;padding-inline-start:1.1rem;border-inline-start:3px solid var(--rule);color:var(--soft)}
iframe{width:100%;aspect-ratio:16/9;height:auto;border:1px solid var(--rule)}
main,header.site,footer.site{width:min(42rem,100% - 2rem);margin:0 auto}
main{padding-block:1rem 3rem}
.skip{position:absolute;inset-inline-start:-999rem}.skip:focus{inset-inline-start:1rem;inset-block-start:.5rem;background:var(--paper);padding:.4rem .8rem;z-index:2}
header.site,footer.site{font:.9375rem/1.5 system-ui,sans-serif}
header.site{display:flex;flex-wrap:wrap;gap:.3rem 1.4rem;align-items:baseline;padding-block:1rem;border-bottom:1px solid var(--rule)}
header.site .name{font-weight:700;color:var(--ink);text-decoration:none}
header.site ul,footer.site ul,.trail ol,.turns ul,.below{list-style:none;margin:0;padding:0;display:flex;flex-wrap:wrap;gap:.2rem 1.1rem}
footer.site{padding-block:1.5rem;border-top:1px solid var(--rule);color:var(--soft)}
.trail{font:.875rem/1.5 system-ui,sans-serif;margin-top:.6rem}.trail li+li::before{content:"› ";color:var(--soft)}.trail ol{gap:.2rem .4rem}
.byline,.place,.tags{font:.9375rem/1.5 system-ui,sans-serif;color:var(--soft);margin:.3rem 0 1.2rem}
.lead{margin:0 0 1.5rem}.lead img{width:100%}.lead.full{margin-inline:calc(50% - 50vw);width:100vw;max-width:none}.lead.full img{max-height:70vh;object-fit:cover}
.card{display:grid;gap:.4rem 1.2rem;padding:1.2rem 0;border-top:1px solid var(--rule)}.card h2,.card h3{margin:0;font-size:1.3rem}.card p{margin:.2rem 0}
.card img{width:100%;aspect-ratio:3/2;object-fit:cover}
@media (min-width:40rem){.card:has(img){grid-template-columns:14rem 1fr}}
.turns{margin:1.5rem 0;font:.9375rem/1.5 system-ui,sans-serif}.turns ul{justify-content:space-between}
.author{margin-top:2rem;padding:1rem;background:var(--wash)}.author p{margin:0}
.enlarge{display:block;cursor:zoom-in}
.lightbox{display:none}.lightbox:target{display:grid;grid-template-rows:auto 1fr;gap:.6rem;position:fixed;inset:0;z-index:3;padding:1rem;background:var(--paper);justify-items:center}
.lightbox img{width:auto;max-height:100%;min-height:0;object-fit:contain}
main article>footer{clear:both}
@media print{header.site,footer.site,.skip,.trail,.turns,.others,.lightbox{display:none!important}body{font-size:11pt;color:#000;background:#fff}a{color:inherit}main{max-width:none}}
`;

/** Blocks say their colours for a page that is always light. */
const BY_NIGHT =
  "@media (prefers-color-scheme:dark){figcaption,[data-block] small{color:var(--soft)!important}[data-block=file],[data-block=link-card]{border-color:var(--rule)!important}[data-block=note]{background:var(--wash)!important;border-color:var(--rule)!important}}";

export const stylesheet = defineFiles({
  id: "stylesheet",
  plan: () => [
    {
      file: "style.css",
      type: "text/css",
      from: [],
      write: () =>
        written(`${STYLE}${BLOCK_KINDS.map(({ pageStyle = "" }) => pageStyle).join("")}\n${BY_NIGHT}\n`),
    },
  ],
});
