/**
 * Shapes of what is kept and exchanged, each declared once: the declaration gives the type (`Static`) and the JSON schema that what
 * comes from outside is checked against. In no shape is a field allowed that it does not name.
 */
import {
  Array as ArrayOf,
  Boolean as BooleanOf,
  Integer as IntegerOf,
  Literal,
  Number as NumberOf,
  type NumberOptions,
  Object as ObjectOf,
  Optional,
  type Static,
  String as StringOf,
  type TArray,
  type TProperties,
  type TSchema,
  type TUnsafe,
  Union,
  Unsafe,
} from "@sinclair/typebox";

export type { Static } from "@sinclair/typebox";
export { Optional as optional };

/** Characters of a text at most, where nothing is known of it: enough for a book, and an end to what is made to be endless. */
const LONGEST = 1_000_000;

export const shape = <Fields extends TProperties>(fields: Fields) =>
  ObjectOf(fields, { additionalProperties: false });

export const text = (maxLength = LONGEST) => StringOf({ maxLength });
/** A text that is not empty. */
export const someText = (maxLength = LONGEST) => StringOf({ minLength: 1, maxLength });
export const textLike = (pattern: string, maxLength = LONGEST) => StringOf({ maxLength, pattern });
export const textOrNull = (maxLength = LONGEST) =>
  Unsafe<string | null>({ type: ["string", "null"], maxLength });
/** What a record goes by. */
export const id = () => StringOf({ minLength: 1, maxLength: 100 });
/** What a record goes by that has a file of its own. */
export const fileId = () => StringOf({ pattern: "^[\\w-]{1,100}$" });

export const number = (bounds: NumberOptions = {}) => NumberOf(bounds);
export const whole = (bounds: NumberOptions = { minimum: 0 }) => IntegerOf(bounds);
export const numberOrNull = (bounds: NumberOptions = {}) =>
  Unsafe<number | null>({ type: ["number", "null"], ...bounds });
/** Two numbers, the smaller first. */
export const range = (bounds: NumberOptions = {}) =>
  Unsafe<[number, number]>({
    type: "array",
    minItems: 2,
    maxItems: 2,
    items: { type: "number", ...bounds },
  });

export const flag = () => BooleanOf();
/** Absent, or true. */
export const onlyTrue = () => Optional(Literal(true));
export const exactly = <Value extends string | number>(value: Value) => Literal(value);
export const oneOf = <const Values extends readonly (string | number)[]>(values: Values) =>
  Unsafe<Values[number]>({ enum: [...values] });

export const list = <Items extends TSchema>(items: Items, maxItems?: number): TArray<Items> =>
  ArrayOf(items, maxItems === undefined ? {} : { maxItems });
/** A list that nobody changes in place. */
export const fixedList = <Items extends TSchema>(
  items: Items,
  maxItems?: number,
): TUnsafe<readonly Static<Items>[]> => Unsafe<readonly Static<Items>[]>(list(items, maxItems));
/** Texts by any names. */
export const texts = (maxLength = LONGEST) =>
  Unsafe<Record<string, string>>({ type: "object", additionalProperties: { type: "string", maxLength } });
export const orNull = <Of extends TSchema>(of: Of) =>
  Unsafe<Static<Of> | null>({ anyOf: [{ type: "null" }, of] });
/** One of several shapes. */
export const either = <Shapes extends TSchema[]>(shapes: [...Shapes]) => Union(shapes);

/** Named once where it stands in several shapes: `npm run generate` writes it once and refers to it. */
export const named = <Of extends TSchema>(name: string, of: Of): Of => ({ ...of, $id: name });

/** A field that files from before there was one lack; whoever reads them fills it in. */
export const later = <Of extends TSchema>(of: Of): Of => Optional(of) as unknown as Of;
