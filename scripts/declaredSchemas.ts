/** JSON schemas of what is declared in code, with the types of what they describe. */
import { blockDefinitions } from "../src/core/draft/blockShapes";
import { blogSiteShape } from "../src/core/micropub/blogSite";
import { profileShape } from "../src/core/proof/profileShape";
import { reviewAnswerShape } from "../src/core/review/shapes";
import { voiceShape } from "../src/core/voice/shapes";
import { collectedShape, readPageAnswerShape, readPageQuestionShape } from "../src/data/schemas/collected";
import { lookUpFileShape, workspaceShape } from "../src/data/workspace/shapes";

type Schema = Record<string, unknown>;

interface Declared {
  /** The name of its validator, and of its file. */
  name: string;
  title: string;
  shape: object;
  /** Schemas that it refers to, by their names. */
  definitions?: Readonly<Record<string, object>>;
}

const DECLARED: readonly Declared[] = [
  { name: "profile", title: "A profile: weights and thresholds", shape: profileShape },
  {
    name: "workspace",
    title: "A workspace file: everything but pictures, look-ups and pages",
    shape: workspaceShape,
  },
  { name: "voice", title: "A voice: how a brand sounds", shape: voiceShape },
  { name: "reviewAnswer", title: "What comes back from a reviewer", shape: reviewAnswerShape },
  { name: "blogSite", title: "What a blog is told of its site", shape: blogSiteShape },
  {
    name: "lookUp",
    title: "Keywords and articles of one look-up, in a workspace file",
    shape: lookUpFileShape,
  },
  {
    name: "collected",
    title:
      "Competing pages in their main content, and the questions that the search knew, in a workspace file",
    shape: collectedShape,
    definitions: blockDefinitions,
  },
  { name: "readPageQuestion", title: "What the page reader is asked", shape: readPageQuestionShape },
  {
    name: "readPageAnswer",
    title: "What the page reader answers",
    shape: readPageAnswerShape,
    definitions: blockDefinitions,
  },
];

/** @returns the schemas, each complete in itself but for references to others by their files' names */
export function declaredSchemas(): { name: string; schema: Schema & { $id: string } }[] {
  return DECLARED.map(({ name, title, shape, definitions = {} }) => {
    const gathered: Schema = {};
    for (const [key, definition] of Object.entries(definitions))
      gathered[key] = withoutNames(definition, gathered);
    const { $id: _id, ...rest } = withoutNames(shape, gathered, true) as Schema;
    return {
      name,
      schema: {
        $schema: "http://json-schema.org/draft-07/schema#",
        $id: `${name}.schema.json`,
        title,
        ...rest,
        ...(Object.keys(gathered).length && { definitions: gathered }),
      },
    };
  });
}

/** What has a name is written once among the definitions, and referred to. */
function withoutNames(value: unknown, definitions: Schema, whole = false): unknown {
  if (Array.isArray(value)) return value.map((one) => withoutNames(one, definitions));
  if (typeof value !== "object" || value === null) return value;
  const { $id: name, ...schema } = value as Schema & { $id?: unknown };
  const plain = Object.fromEntries(
    Object.entries(schema).map(([key, one]) => [key, withoutNames(one, definitions)]),
  );
  if (typeof name !== "string" || whole) return plain;
  definitions[name] = plain;
  return { $ref: `#/definitions/${name}` };
}
