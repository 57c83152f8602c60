import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { Ajv } from "ajv";
import { TASKS, taskById } from "../../core/apprentice/registry";
import {
  suggest as ask,
  type Suggestion,
  type SuggestOptions,
  type TaskInput,
  withMaterial,
} from "../../core/apprentice/suggest";
import type { Task } from "../../core/apprentice/task";
import { blocksFromEditor } from "../../core/draft/fromEditor";
import { messageOf } from "../../core/messageOf";
import { defaultProfile } from "../../core/proof/profile";
import { materialSource } from "../../data/apprenticeMaterial";
import type { Workspace } from "../../data/workspace/workspaceFile";
import { CallError, type Command } from "../command";
import { printable } from "../printable";
import { openWorkspace } from "../workspace";

const USAGE = `Usage: dune-sparrow suggest TASK [options]
       dune-sparrow suggest --list [--format json]

Asks the writer that ships with the application for a first version: titles, an outline, a section, a thread and more.
Each part of an answer says what it was made from. The same material and seed give the same answer.

  --input FILE.json    what the task asks for, and material to draw on; --list --format json has the shapes
  --workspace FILE     a workspace file (.dunesparrow.zip) to draw on
  --post SLUG          the post of the workspace that it is for
  --seed N             another seed gives another answer; 1 where absent
  --variants N         how many answers
  --format FORMAT      how to answer: text (the default) or json
  --list               name the tasks

Exit: 0; 1 where something is missing and nothing could be made; 2 for a bad call.
`;

interface Call {
  task: Task;
  input: TaskInput;
  workspace: string | null;
  post: string | null;
  options: Omit<SuggestOptions, "profile">;
  json: boolean;
}

export const suggest: Command = {
  name: "suggest",
  usage: USAGE,
  async run(argv, { out, err }) {
    const call = readCall(argv);
    if (call === "help") {
      out(USAGE);
      return 0;
    }
    if ("list" in call) {
      out(call.json ? `${JSON.stringify({ version: 1, tasks: TASKS.map(described) }, null, 2)}\n` : listed());
      return 0;
    }
    const { task, workspace, post, options, json } = call;
    const read = workspace === null ? null : await openWorkspace(workspace);
    const input = read ? withMaterial(call.input, materialOf(read, post)) : call.input;
    const suggestion = ask(task, input, { ...options, profile: read?.file.profile ?? defaultProfile });
    if (json) out(`${JSON.stringify(asJson(task, suggestion), null, 2)}\n`);
    else {
      out(printable(asText(suggestion)));
      for (const says of suggestion.missing) err(printable(`Missing: ${says}\n`));
    }
    return suggestion.answers.length ? 0 : 1;
  },
};

const described = ({ id, says, input, form, languages }: Task): object => ({
  id,
  says,
  languages: languages === "any" ? "any" : ["en"],
  input,
  answer: form.schema,
});

const listed = (): string =>
  TASKS.map(
    ({ id, says, languages }) => `${id.padEnd(24)}${says}${languages === "English" ? " (English)" : ""}\n`,
  ).join("");

const asJson = ({ id, form }: Task, { answers, missing }: Suggestion): object => ({
  version: 1,
  task: id,
  source: "stand-in",
  answers: answers.map(({ text, parts, findings }) => ({ text, value: form.value(parts), parts, findings })),
  missing,
});

const asText = ({ answers }: Suggestion): string =>
  answers
    .map(({ text, findings }) => [text, ...findings.map(({ says }) => `  · ${says}`), ""].join("\n"))
    .join("\n");

function readCall(argv: string[]): Call | "help" | { list: true; json: boolean } {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(argv);
  } catch (error) {
    throw new CallError(messageOf(error));
  }
  const { values, positionals } = parsed;
  if (values.help) return "help";
  const { format = "text" } = values;
  if (format !== "text" && format !== "json")
    throw new CallError(`There is no format “${format}”: text, json.`);
  const json = format === "json";
  if (values.list) {
    if (positionals.length) throw new CallError("--list names all tasks: name none with it.");
    return { list: true, json };
  }
  const [name, ...others] = positionals;
  if (!name || others.length) throw new CallError("Name one task; --list names them all.");
  const task = taskById(name);
  if (!task) throw new CallError(`There is no task “${name}”: ${TASKS.map(({ id }) => id).join(", ")}.`);
  if (values.post !== undefined && values.workspace === undefined)
    throw new CallError("--post names a post of a workspace: name the file with --workspace.");
  const input = values.input === undefined ? {} : readInput(values.input);
  check(task, input, values.input === undefined ? "The call" : values.input);
  return {
    task,
    input,
    workspace: values.workspace ?? null,
    post: values.post ?? null,
    options: {
      seed: wholeNumber("--seed", values.seed, 0, 4_294_967_295),
      variants: wholeNumber("--variants", values.variants, 1, 100),
    },
    json,
  };
}

function parse(args: string[]) {
  return parseArgs({
    args,
    allowPositionals: true,
    options: {
      input: { type: "string" },
      workspace: { type: "string" },
      post: { type: "string" },
      seed: { type: "string" },
      variants: { type: "string" },
      format: { type: "string" },
      list: { type: "boolean" },
      help: { type: "boolean", short: "h" },
    },
  });
}

function wholeNumber(
  option: string,
  text: string | undefined,
  least: number,
  most: number,
): number | undefined {
  if (text === undefined) return undefined;
  const value = Number(text);
  if (!/^\d+$/.test(text) || value < least || value > most)
    throw new CallError(`${option} takes a whole number from ${least} to ${most}, not “${text}”.`);
  return value;
}

function readInput(path: string): TaskInput {
  let text: string;
  try {
    text = readFileSync(path, "utf8");
  } catch (error) {
    throw new CallError(`The input cannot be read: ${messageOf(error)}`);
  }
  try {
    return JSON.parse(text.replace(/^\uFEFF/, "")) as TaskInput;
  } catch (error) {
    throw new CallError(`The input is not JSON: ${messageOf(error)}`);
  }
}

/** The tasks' own shapes, checked as they are: no policy forbids compiling here. */
function check(task: Task, input: unknown, name: string): void {
  const validate = new Ajv({ allErrors: true, strict: false }).compile(task.input);
  if (validate(input)) return;
  const faults = (validate.errors ?? []).slice(0, 12).map(({ instancePath, message, params }) => {
    const { additionalProperty } = params as { additionalProperty?: string };
    const place = instancePath.slice(1).replaceAll("/", ".") || "the whole";
    return `  ${place}: ${additionalProperty ? `there is no field “${additionalProperty}”` : message}`;
  });
  throw new CallError([`${name} is not what “${task.id}” asks for.`, ...faults].join("\n"));
}

/** @throws CallError where the workspace has no such post */
function materialOf({ file, fields }: Workspace, slug: string | null) {
  const post = slug === null ? null : (file.posts.find((one) => one.slug === slug) ?? null);
  if (slug !== null && !post)
    throw new CallError(
      `The workspace has no post “${slug}”: ${file.posts
        .map((one) => one.slug)
        .filter(Boolean)
        .join(", ")}.`,
    );
  const docs = new Map(file.bodies.map(({ postId, doc }) => [postId, doc]));
  const competitors = post
    ? ((file.fields ?? [])
        .filter(({ postId }) => postId === post.id)
        .sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : -1))[0] ?? null)
    : null;
  return materialSource({
    site: file.site,
    posts: file.posts,
    docOf: (id) => docs.get(id) ?? null,
    post,
    blocks: post ? blocksFromEditor(docs.get(post.id) ?? { type: "doc", content: [] }) : null,
    outline: post ? (file.outlines.find(({ postId }) => postId === post.id) ?? null) : null,
    competitors,
    collected: competitors ? (fields.get(competitors.id) ?? null) : null,
    recording: post ? ((file.recordings ?? []).find(({ postId }) => postId === post.id) ?? null) : null,
  });
}
