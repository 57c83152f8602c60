/**
 * What core may take from its surroundings besides ECMAScript: URL parser and text decoder of the web standards, which every
 * browser, worker and Node.js has. Declared here so that core compiles with neither DOM nor Node.js types.
 */
declare class URL {
  constructor(url: string, base?: string);
  static canParse(url: string, base?: string): boolean;
  readonly protocol: string;
  readonly host: string;
  readonly hostname: string;
  readonly pathname: string;
  readonly search: string;
  readonly hash: string;
  readonly href: string;
  readonly origin: string;
}

/** The decoder of the Encoding Standard. */
declare class TextDecoder {
  constructor(label?: string, options?: { fatal?: boolean; ignoreBOM?: boolean });
  decode(bytes?: Uint8Array): string;
}
