import type { OutlineItem } from "../core/outline/outline";
import { noPiece, type Piece } from "../core/outline/piece";
import { db } from "./db";

/** The outline of a post with the terms of its piece. */
export async function getPlan(id: string): Promise<{ items: OutlineItem[]; piece: Piece }> {
  const outline = await db.outlines.get(id);
  return { items: outline?.items ?? [], piece: { ...noPiece, ...outline?.piece } };
}
