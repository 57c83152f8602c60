/** The shape of a block of any kind, in containers of any type: made from the registry, so that a new kind is in it. */
import { type TSchema, Unsafe } from "@sinclair/typebox";
import { BLOCK_KINDS } from "../blocks/registry";
import * as is from "../declare";
import type { Block } from "./draft";

export const anyBlock = Unsafe<Block>({ $ref: "#/definitions/block" });

/** What a schema that holds blocks defines beside itself. */
export const blockDefinitions: Readonly<Record<"block" | "container", TSchema>> = {
  block: is.either(BLOCK_KINDS.flatMap(({ shapes = [] }) => shapes)),
  container: is.either(BLOCK_KINDS.flatMap(({ containers = [] }) => containers)),
};
