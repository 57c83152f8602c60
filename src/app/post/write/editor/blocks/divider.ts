import { Minus } from "lucide-react";
import { insertDivider } from "../insertBlock";
import type { EditorBlock } from "./block";

/** A line across; its node comes with the text's kit. */
export const divider: EditorBlock = {
  extensions: [],
  inserts: [{ name: "Divider", icon: Minus, run: insertDivider }],
};
