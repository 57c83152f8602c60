/** The server: it serves the built application and holds no user data. */
import { existsSync } from "node:fs";
import { join } from "node:path";
import express, { type Express, type Request, type Response } from "express";
import { rateLimit } from "express-rate-limit";
import serveGzipped from "express-static-gzip";
import helmet from "helmet";
import { type ApiOptions, api } from "./api";
import { atOnce } from "./bounds";
import { createLog, logFailure } from "./log";
import { ownAddressOnly } from "./ownAddress";

/** A page of the application and all of its parts come to about a hundred. */
const FILES_A_MINUTE = 6000;
/** What browsers offer to pages and this application has no use for. */
const FEATURES = [
  "accelerometer",
  "autoplay",
  "camera",
  "display-capture",
  "encrypted-media",
  "geolocation",
  "gyroscope",
  "magnetometer",
  "microphone",
  "midi",
  "payment",
  "publickey-credentials-get",
  "screen-wake-lock",
  "serial",
  "usb",
  "xr-spatial-tracking",
];

const DEMO = join(import.meta.dirname, "../../demo");

/**
 * @param dist folder of the built application
 * @param options what the routes under /api may do; public addresses only unless said otherwise. `names` are those under which it is
 *   reached beside its own addresses
 * @throws Error where nothing has been built there
 */
export function createApp(
  dist: string,
  { names = [], log = createLog(), ...options }: Partial<ApiOptions> & { names?: readonly string[] } = {},
): Express {
  const index = join(dist, "index.html");
  if (!existsSync(index))
    throw new Error(`There is no built application in ${dist}: run npm run build first.`);
  const app = express();
  app.disable("x-powered-by");
  app.use(ownAddressOnly(names));
  app.use(atOnce());
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          // The editor sets inline styles on what it lays out.
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", "blob:", "data:"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          // The page as readers will have it: made here, in a frame in which nothing runs.
          frameSrc: ["blob:"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
          objectSrc: ["'none'"],
          requireTrustedTypesFor: ["'script'"],
          // The application's own policy, and the editor's for what it parses of the clipboard.
          trustedTypes: ["default", "ProseMirrorClipboard"],
        },
      },
      crossOriginEmbedderPolicy: true,
      referrerPolicy: { policy: "no-referrer" },
      // Plain http on this machine.
      strictTransportSecurity: false,
    }),
  );
  app.use((_request, response, next) => {
    // Nothing here asks for any of these.
    response.setHeader("Permissions-Policy", FEATURES.map((feature) => `${feature}=()`).join(", "));
    next();
  });
  app.use("/api", api({ demo: DEMO, reach: "public", log, ...options }));
  app.use((request, response, next) => {
    try {
      decodeURIComponent(request.path);
      next();
    } catch {
      response.status(400).type("text/plain").send("Something went wrong\n");
    }
  });
  app.use(rateLimit({ windowMs: 60_000, limit: FILES_A_MINUTE, legacyHeaders: false }));
  app.use(
    "/assets",
    // Compressed when they were built: a request costs the reading of a file.
    serveGzipped(join(dist, "assets"), {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      serveStatic: { immutable: true, maxAge: "365d", fallthrough: false },
    }),
  );
  app.use(
    serveGzipped(dist, {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      index: false,
      serveStatic: { maxAge: 0 },
    }),
  );
  app.get("/{*path}", (request, response) => {
    // A page address of the application has no file ending; anything else that was not found is not there.
    if (/\.[a-z0-9]+$/i.test(request.path)) response.status(404).type("text/plain").send("Not found\n");
    else response.setHeader("Cache-Control", "no-cache").sendFile(index);
  });
  app.use((error: { status?: number }, request: Request, response: Response, _next: express.NextFunction) => {
    const status = error.status ?? 500;
    if (status >= 500) logFailure(log, request, status, error);
    if (response.headersSent) response.destroy();
    else
      response
        .status(status)
        .type("text/plain")
        .send(status === 404 ? "Not found\n" : "Something went wrong\n");
  });
  return app;
}
