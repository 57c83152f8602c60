/**
 * What core may take from its surroundings besides ECMAScript: the URL parser of the URL Standard, which every
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
