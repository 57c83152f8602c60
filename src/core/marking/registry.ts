/** What can be underlined in a text. A new marking is a file beside this one and a line here. */
import { longSentences } from "./longSentences";
import type { Marking } from "./marking";
import { passive } from "./passive";

export const MARKINGS: readonly Marking[] = [longSentences, passive];
