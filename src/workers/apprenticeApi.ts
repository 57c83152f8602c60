/** The apprentice, off the main thread: material is gathered here, where the database is at hand. */
import { type Prompt, promptFor } from "../core/apprentice/prompt";
import { readAnswer } from "../core/apprentice/readAnswer";
import { TASKS, taskById } from "../core/apprentice/registry";
import {
  materialOf,
  type Suggestion,
  suggest,
  type TaskInput,
  withMaterial,
} from "../core/apprentice/suggest";
import type { Task, TaskPlace } from "../core/apprentice/task";
import type { EditorDoc } from "../core/blocks/editorJson";
import { blocksFromEditor } from "../core/draft/fromEditor";
import type { Profile } from "../core/proof/profile";
import { languagePack } from "../core/text/language";
import { type VoiceDistance, voiceDistance } from "../core/voice/distance";
import { measureVoice, type VoiceMeasure } from "../core/voice/measure";
import type { Voice } from "../core/voice/shapes";
import { materialSource } from "../data/apprenticeMaterial";
import { getCompetitorBody, getCompetitors } from "../data/competitors";
import type { Post, Site } from "../data/model";
import { getPlan } from "../data/plans";
import { getDoc, listPosts } from "../data/posts";
import { getRecording } from "../data/recordings";
import { getDocsAsJson } from "../data/textsAsJson";

/** What is asked, and what it is asked about. */
export interface AskRequest {
  task: string;
  input: TaskInput;
  seed: number;
  variants?: number;
  site: Site;
  profile: Profile;
  /** The post that it is for, as it is now, with its text; null for none. */
  post: Post | null;
  doc: EditorDoc | null;
}

/** A task as a form needs it. */
export interface TaskForm {
  id: string;
  name: string;
  says: string;
  /** JSON schemas by field. */
  fields: Readonly<Record<string, FieldSchema>>;
  places: readonly TaskPlace[];
  answers: number;
  languages: Task["languages"];
}

export interface FieldSchema {
  type?: string;
  title?: string;
  description?: string;
  enum?: readonly string[];
  items?: { type?: string };
  minimum?: number;
  maximum?: number;
  maxLength?: number;
  minLength?: number;
}

export function createApprenticeApi() {
  return {
    /** What there is to ask for, as a form can be drawn from. Asking for it loads what is needed. */
    tasks: (): TaskForm[] =>
      TASKS.map(({ id, name, says, input, places, answers, languages }) => ({
        id,
        name,
        says,
        fields: input.properties as unknown as TaskForm["fields"],
        places: [...places],
        answers,
        languages,
      })),
    /** @returns null where the samples are too short */
    measureVoice: (samples: readonly string[], language: string): VoiceMeasure | null =>
      measureVoice(samples, languagePack(language)),
    /** How far a text is from a voice; null where either is too short. */
    voiceDistance: (doc: EditorDoc, voice: Voice, language: string): VoiceDistance | null =>
      voiceDistance(proseText(doc), voice, languagePack(language)),
    async suggest(request: AskRequest): Promise<Suggestion> {
      const { task, input } = await gathered(request);
      const { profile, seed, variants } = request;
      return suggest(task, input, { profile, seed, variants });
    },
    /** What a writer outside is told. */
    async prompt(request: AskRequest): Promise<Prompt> {
      const { task, input } = await gathered(request);
      return promptFor(task, input, materialOf(input, request.profile), request.variants ?? task.answers);
    },
    /** Reads what a writer outside answered. @param writer by what name it goes */
    async read(request: AskRequest, text: string, writer: string, whole: boolean): Promise<Suggestion> {
      const { task, input } = await gathered(request);
      const { profile } = request;
      return readAnswer(task, text, { input, material: materialOf(input, profile), profile, writer, whole });
    },
  };
}
/** Its paragraphs and lists, a line each. */
const proseText = (doc: EditorDoc): string =>
  blocksFromEditor(doc)
    .filter(({ kind }) => kind === "paragraph" || kind === "listItem")
    .map(({ text }) => text.replace(/\s*\n\s*/g, " "))
    .join("\n");
export type ApprenticeApi = ReturnType<typeof createApprenticeApi>;

async function gathered({
  task: id,
  input,
  site,
  post,
  doc,
}: AskRequest): Promise<{ task: Task; input: TaskInput }> {
  const task = taskById(id);
  if (!task)
    throw new Error(
      `The apprentice has no task “${id}”: it was asked by another version of the application.`,
    );
  const posts = await listPosts();
  const [plan, competitors, recording, jsons] = await Promise.all([
    post ? getPlan(post.id) : null,
    post ? getCompetitors(post.id) : null,
    post ? getRecording(post.id) : null,
    getDocsAsJson(posts.map(({ id: one }) => one)),
  ]);
  const collected = competitors ? ((await getCompetitorBody(competitors.id)) ?? null) : null;
  const docs = new Map(posts.map(({ id: one }, at) => [one, jsons[at]]));
  const material = materialSource({
    site,
    posts,
    docOf: (one) => {
      const json = docs.get(one);
      return json ? (JSON.parse(json) as EditorDoc) : null;
    },
    post,
    blocks: post ? blocksFromEditor(doc ?? (await getDoc(post.id))) : null,
    outline: post && plan ? { postId: post.id, ...plan } : null,
    competitors,
    collected,
    recording,
  });
  const language = post?.language || site.language;
  return { task, input: { language, ...withMaterial(input, material) } };
}
