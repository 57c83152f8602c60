/** The server: it serves the built application and holds no user data. */
import { existsSync } from "node:fs";
import { join } from "node:path";
import compression from "compression";
import express, { type Express } from "express";
import helmet from "helmet";
import { type ApiOptions, api } from "./api";

const DEMO = join(import.meta.dirname, "../../demo");

/**
 * @param dist folder of the built application
 * @param options what the routes under /api may do; public addresses only unless said otherwise
 * @throws Error where nothing has been built there
 */
export function createApp(dist: string, options: Partial<ApiOptions> = {}): Express {
  const index = join(dist, "index.html");
  if (!existsSync(index))
    throw new Error(`There is no built application in ${dist}: run npm run build first.`);
  const app = express();
  app.disable("x-powered-by");
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
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
          objectSrc: ["'none'"],
        },
      },
      crossOriginEmbedderPolicy: true,
      referrerPolicy: { policy: "no-referrer" },
      // Plain http on this machine.
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.use("/api", api({ demo: DEMO, reach: "public", ...options }));
  app.use(
    "/assets",
    express.static(join(dist, "assets"), { immutable: true, maxAge: "365d", fallthrough: false }),
  );
  app.use(express.static(dist, { index: false, maxAge: 0 }));
  app.get("/{*path}", (request, response) => {
    // A page address of the application has no file ending; anything else that was not found is not there.
    if (/\.[a-z0-9]+$/i.test(request.path)) response.status(404).type("text/plain").send("Not found\n");
    else response.setHeader("Cache-Control", "no-cache").sendFile(index);
  });
  app.use(
    (
      error: { status?: number },
      _request: express.Request,
      response: express.Response,
      _next: express.NextFunction,
    ) => {
      response
        .status(error.status ?? 500)
        .type("text/plain")
        .send(error.status === 404 ? "Not found\n" : "Something went wrong\n");
    },
  );
  return app;
}
