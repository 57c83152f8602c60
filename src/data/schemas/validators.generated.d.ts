import type { ValidateFunction } from "ajv";

export const profile: ValidateFunction;
export const workspace: ValidateFunction;
