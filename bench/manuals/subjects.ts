import { building } from "./building";
import { installing } from "./installing";
import type { ManualSubject } from "./manual";
import { packages } from "./packages";
import { users } from "./users";

export const manualSubjects: readonly ManualSubject[] = [packages, installing, building, users];
