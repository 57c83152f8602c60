import type { ValidateFunction } from "ajv";

export const profile: ValidateFunction;
export const workspace: ValidateFunction;
export const searchRegionsQuestion: ValidateFunction;
export const searchRegionsAnswer: ValidateFunction;
export const searchIdeasQuestion: ValidateFunction;
export const searchIdeasAnswer: ValidateFunction;
export const searchNumbersQuestion: ValidateFunction;
export const searchNumbersAnswer: ValidateFunction;
export const searchRankingQuestion: ValidateFunction;
export const searchRankingAnswer: ValidateFunction;
export const searchArticlesQuestion: ValidateFunction;
export const searchArticlesAnswer: ValidateFunction;
export const lookUp: ValidateFunction;
export const field: ValidateFunction;
export const fieldReadPageQuestion: ValidateFunction;
export const fieldReadPageAnswer: ValidateFunction;
