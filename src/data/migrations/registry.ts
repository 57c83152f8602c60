/** All versions of the database, in order. A new one is a file beside these and a line here. */
import type { Migration } from "./migration";
import { version1 } from "./version1";
import { version2 } from "./version2";
import { version3 } from "./version3";
import { version4 } from "./version4";
import { version5 } from "./version5";
import { version6 } from "./version6";
import { version7 } from "./version7";

export const MIGRATIONS: readonly Migration[] = [
  version1,
  version2,
  version3,
  version4,
  version5,
  version6,
  version7,
];
