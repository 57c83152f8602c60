/** Ways in which one noun says more of another, by what stands between them: a new one is a function in its file and a name here. */
import { hasIt, isAndOther, isAs, isBefore, isBought, isNamed, isSuchAs } from "./beside";
import type { Link } from "./between";
import { isAsked, isBeing, isSaidToBe, isWhat, isWhichIs, isWithin } from "./clause";
import {
  doesIt,
  isBeingDone,
  isDoingIt,
  isDoneWith,
  isFor,
  isForDoing,
  isMadeSo,
  isNotDoing,
  isObject,
  isTaughtIn,
  isTo,
  isWhileDoing,
} from "./deed";
import { isOf, isToIt } from "./preposition";
import { isThere, isThereFirst } from "./there";

export const HEAD_FIRST: readonly Link[] = [
  isNamed,
  isObject,
  isOf,
  isToIt,
  isForDoing,
  isDoingIt,
  isWhat,
  isWithin,
  isTo,
  isAsked,
  isBeing,
  isBought,
  isThere,
  isThereFirst,
  isSuchAs,
  isDoneWith,
  isAs,
  isNotDoing,
];
export const HEAD_LAST: readonly Link[] = [
  isNamed,
  isBefore,
  isBeingDone,
  doesIt,
  hasIt,
  isFor,
  isMadeSo,
  isSaidToBe,
  isDoneWith,
  isTaughtIn,
  isWhileDoing,
  isNotDoing,
  isThere,
  isThereFirst,
  isAndOther,
];
/** Those that reach further than words that only stand near each other. */
export const FAR: readonly Link[] = [isOf, isForDoing, isWhat, isTo, isAsked, isWhichIs, isThere];
