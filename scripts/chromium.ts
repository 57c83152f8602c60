/** How this project starts Debian's Chromium: headless, offline but for this machine. */
export const chromiumPath = "/usr/bin/chromium";

/**
 * Features that are off. The last such list counts, so that those that the test driver turns off are here too; the popup of the address bar,
 * which nobody sees, is a page of its own that takes a processor for a second with each new window.
 */
const OFF = [
  "AimEnabled",
  "AvoidCorsURLLoaderRestartOnRedirect",
  "AvoidUnnecessaryBeforeUnloadCheckSync",
  "DestroyProfileOnBrowserClose",
  "HttpsFirstBalancedModeAutoEnable",
  "HttpsUpgrades",
  "LensOverlay",
  "MediaRouter",
  "NetworkTimeServiceQuerying",
  "OptimizationHints",
  "PaintHolding",
  "PreconnectToSearch",
  "TcpPortRandomizationWin",
  "ThirdPartyStoragePartitioning",
  "WebUIOmniboxAimPopup",
  "WebUIOmniboxFullPopup",
  "WebUIOmniboxPopup",
];

export const chromiumArguments = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  `--disable-features=${OFF.join()}`,
  "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost",
];
