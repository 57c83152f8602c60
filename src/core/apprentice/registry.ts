/** All tasks. A new one is a file in tasks/, and its line here. */
import type { Task } from "./task";
import { altText } from "./tasks/altText";
import { answer } from "./tasks/answer";
import { continueText } from "./tasks/continue";
import { excerpt } from "./tasks/excerpt";
import { ideasFromDescription } from "./tasks/ideasFromDescription";
import { ideasFromTitles } from "./tasks/ideasFromTitles";
import { listAbove } from "./tasks/listAbove";
import { meta } from "./tasks/meta";
import { missingSubjects } from "./tasks/missingSubjects";
import { newsletter } from "./tasks/newsletter";
import { opening } from "./tasks/opening";
import { outline } from "./tasks/outline";
import { rework } from "./tasks/rework";
import { section } from "./tasks/section";
import { shortPosts } from "./tasks/shortPosts";
import { thread } from "./tasks/thread";
import { titles } from "./tasks/titles";

export const TASKS: readonly Task[] = [
  ideasFromTitles,
  ideasFromDescription,
  titles,
  outline,
  missingSubjects,
  opening,
  meta,
  section,
  continueText,
  listAbove,
  answer,
  excerpt,
  altText,
  rework,
  thread,
  shortPosts,
  newsletter,
];

export const taskById = (id: string): Task | undefined => TASKS.find((task) => task.id === id);
