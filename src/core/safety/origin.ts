/** Scheme and host of an address as somebody types it, "https://" understood; null where it is none. */
export function originOf(text: string): string | null {
  const typed = text.trim().replace(/\/+$/, "");
  const trimmed = /^[a-z][a-z\d+.-]*:/i.test(typed) || !typed ? typed : `https://${typed}`;
  return /^https?:\/\/[^/\s]+$/i.test(trimmed) && URL.canParse(trimmed) ? new URL(trimmed).origin : null;
}
