/** Endings of addresses that a keyword hardly ends with: "node.js" and "asp.net" are things that people look for. */
const ENDINGS =
  "com|org|net|info|biz|shop|store|online|blog|site|eu|de|at|ch|fr|es|it|nl|be|pt|uk|us|ca|au|br|mx|pl|se|dk|no|fi|example";
const DOMAIN = new RegExp(
  `^(?:https?://|www\\.)\\S+$|^(?:[\\p{L}\\p{N}](?:[\\p{L}\\p{N}-]*[\\p{L}\\p{N}])?\\.)+(?:${ENDINGS})(?:/\\S*)?$`,
  "iu",
);
const NO_DOMAIN = /^(?:asp|vb|ado|ml)\.net$/i;

/** Is what stands for a keyword the address of a page, or a domain? People who type it look for that site alone. */
export const isAddress = (keyword: string): boolean => {
  const text = keyword.trim();
  return DOMAIN.test(text) && !NO_DOMAIN.test(text);
};
