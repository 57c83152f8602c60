/** What can be chosen from a list. */
export interface SelectOption<T extends string> {
  value: T;
  label: string;
}
export interface SelectGroup<T extends string> {
  group: string;
  options: readonly SelectOption<T>[];
}
