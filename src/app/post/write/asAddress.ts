import { mayPass } from "../../../core/safety/addresses";

const SAFE = /^(https?:\/\/|mailto:|tel:|\/|#|\?|\.\.?\/)/i;
const BARE_HOST = /^[\p{L}\p{N}-]+(\.[\p{L}\p{N}-]+)*\.\p{L}{2,}(:\d+)?([/?#]|$)/iu;

/** The address of something embedded; null where it is not one over https. */
export function asEmbedAddress(typed: string): string | null {
  const address = asAddress(typed);
  return address && mayPass(address, "embed") ? address : null;
}

/**
 * What a person typed, as the address of a link.
 *
 * @returns the address, "https://" put before a bare host; null where it is empty or of a kind that a page must not link to
 */
export function asAddress(typed: string): string | null {
  const text = typed.trim();
  if (!text || /\s/.test(text)) return null;
  if (SAFE.test(text)) return mayPass(text, "link") ? text : null;
  return BARE_HOST.test(text) ? `https://${text}` : null;
}
