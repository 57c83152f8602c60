const SAFE = /^(https?:\/\/|mailto:|tel:|\/|#|\?|\.\.?\/)/i;
const BARE_HOST = /^[\p{L}\p{N}-]+(\.[\p{L}\p{N}-]+)*\.\p{L}{2,}(:\d+)?([/?#]|$)/iu;

/**
 * What a person typed, as the address of a link.
 *
 * @returns the address, "https://" put before a bare host; null where it is empty or of a kind that a page must not link to
 */
export function asAddress(typed: string): string | null {
  const text = typed.trim();
  if (!text || /\s/.test(text)) return null;
  if (SAFE.test(text)) return text;
  return BARE_HOST.test(text) ? `https://${text}` : null;
}
