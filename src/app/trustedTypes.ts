/**
 * What may become script or markup by being written as text (Trusted Types, W3C). The editor brings a policy of its own for the clipboard,
 * which it parses where nothing runs; charts write markup that they have made, and workers are files of the application.
 */

interface Policies {
  createPolicy(
    name: string,
    rules: {
      createHTML(html: string): string | null;
      createScriptURL(url: string): string | null;
      createScript(): null;
    },
  ): unknown;
}

/** Markup that could act; nothing that the application or its libraries make holds any of it. */
const ACTS =
  /<\s*(?:script|iframe|object|embed|base|meta|link|form)\b|\son[a-z]+\s*=|(?:javascript|vbscript)\s*:|srcdoc\s*=/i;

export function guardTypes(): void {
  const { trustedTypes } = globalThis as { trustedTypes?: Policies };
  trustedTypes?.createPolicy("default", {
    createHTML: (html) => (ACTS.test(html) ? null : html),
    createScriptURL: (url) => (new URL(url, location.href).origin === location.origin ? url : null),
    createScript: () => null,
  });
}
