import { competitors } from "./competitors";
import { manuals } from "./manuals";
import { matching } from "./matching";
import type { Measure } from "./measure";
import { speed } from "./speed";
import { terms } from "./terms";
import { wordForms } from "./wordForms";

/** All that `npm run evaluate` measures, in the order of its table. */
export const measures: readonly Measure[] = [matching, wordForms, competitors, manuals, terms, speed];
