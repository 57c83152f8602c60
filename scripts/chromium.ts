/** How this project starts Debian's Chromium: headless, offline but for this machine. */
export const chromiumPath = "/usr/bin/chromium";

export const chromiumArguments = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost",
];
