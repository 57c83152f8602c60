/** Numbers where there is little room for them. */

export const kilobytes = (bytes: number): string => {
  const kb = bytes / 1024;
  return kb < 1024 ? `${kb < 10 ? kb.toFixed(1) : Math.round(kb)} KB` : `${(kb / 1024).toFixed(1)} MB`;
};

/** 1,200 as 1.2K where there is little room. */
export const short = (n: number): string =>
  n < 1000 ? String(Math.round(n)) : n < 999_500 ? `${trim(n / 1000)}K` : `${trim(n / 1_000_000)}M`;
const trim = (n: number): string => (n < 10 ? n.toFixed(1).replace(/\.0$/, "") : Math.round(n).toString());

export const percent = (n: number): string => `${n > 0 && n < 1 ? n.toFixed(1) : Math.round(n)} %`;
