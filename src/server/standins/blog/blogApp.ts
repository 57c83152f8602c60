/** The blog over HTTP, on a port of its own: its pages for readers, its endpoint for whoever publishes. */
import express, { type Express, type NextFunction, type Request, type Response } from "express";
import { rateLimit } from "express-rate-limit";
import helmet from "helmet";
import { isPictureType } from "../../../core/media/mediaTypes";
import { narrowed } from "../../../disk/pictureEncoder";
import { type Log, logFailure } from "../../log";
import { troubleOf } from "../search/trouble";
import { type Blog, typeOf } from "./blog";
import { mediaOf } from "./mediaAddress";
import { micropubRoutes } from "./micropub";

const A_MINUTE = 3000;

interface BlogAppOptions {
  token: string;
  log: Log;
}

/** @param blog whose pages they are */
export function createBlogApp(blog: Blog, { token, log }: BlogAppOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          // What a post says of its pictures: which part stays in sight.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", "data:", "http:", "https:"],
          frameSrc: ["https:"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(rateLimit({ windowMs: 60_000, limit: A_MINUTE, legacyHeaders: false }));
  app.use(trouble);
  app.use("/micropub", (request, response, next) => {
    const origin = `http://${request.get("Host") ?? "127.0.0.1"}`;
    micropubRoutes(blog, token, () => origin)(request, response, next);
  });
  app.get("/media/:hash/:name", (request, response) => {
    const media = mediaOf(request.path);
    if (!media || !blog.store.hasMedia(media.file))
      return void response.status(404).type("text/plain").send("Not found\n");
    const type = typeOf(media.file);
    if (!isPictureType(type)) response.attachment(media.fileName);
    response
      .type(type)
      .sendFile(blog.store.mediaPath(media.file), { dotfiles: "allow", maxAge: "365d", immutable: true });
  });
  app.get("/elsewhere/:uid/:id", (request, response) => {
    const { uid, id } = request.params;
    const page = blog.copyAt(uid, id);
    if (page === null) return void response.status(404).type("text/plain").send("Not found\n");
    response.set("Cache-Control", "no-cache").type("html").send(page);
  });
  // Browsers ask for it of their own accord; the blog has none, and that is no error.
  app.get(
    "/favicon.ico",
    (_request, response) => void response.status(204).set("Cache-Control", "max-age=86400").end(),
  );
  app.get("/{*path}", async (request, response) => {
    const path = decodeURIComponent(request.path);
    const there = await blog.at(path);
    response.set("Link", '</micropub>; rel="micropub"');
    if (there.kind === "moved") return response.redirect(301, encoded(there.to));
    if (there.kind !== "file") {
      const status = there.kind === "gone" ? 410 : 404;
      if (path === "/") return response.redirect(302, encoded(blog.startPath()));
      return response
        .status(status)
        .type("html")
        .send(withEndpoint(await blog.notFound(), false));
    }
    const { file } = there;
    if ("picture" in file) {
      const bytes = await blog.picture(file, narrowed);
      if (!bytes) return response.status(404).type("text/plain").send("Not found\n");
      if (!isPictureType(file.type)) response.attachment(path.split("/").at(-1));
      return response.type(file.type).set("Cache-Control", "public, max-age=31536000, immutable").send(bytes);
    }
    // A page has one address: with no slash behind it.
    if (file.path !== undefined && path !== file.path) return response.redirect(301, encoded(file.path));
    return response
      .set("Cache-Control", "no-cache")
      .type(file.type)
      .send(withEndpoint(file.text, file.path === blog.startPath()));
  });
  app.use((error: { status?: number }, request: Request, response: Response, _next: NextFunction) => {
    const status = error.status ?? (error instanceof URIError ? 400 : 500);
    if (status >= 500) logFailure(log, request, status, error);
    if (response.headersSent) response.destroy();
    else response.status(status).type("text/plain").send("Something went wrong\n");
  });
  return app;
}

const encoded = (path: string): string => path.split("/").map(encodeURIComponent).join("/");

/** Where the blog is published to, said on the page that it begins with. Everything else of a page is as the site's export has it. */
const withEndpoint = (html: string, isStart: boolean): string =>
  isStart ? html.replace("</head>", '<link rel="micropub" href="/micropub">\n</head>') : html;

/** Trouble on request: an answer that is late, one that fails before anything was done, and one that is lost or is rubbish after it was. */
async function trouble(request: Request, response: Response, next: NextFunction): Promise<void> {
  const { delay, fails } = troubleOf(request, Math.random());
  if (delay) await new Promise((resolve) => setTimeout(resolve, delay));
  if (!fails) return next();
  const kind = Math.random();
  if (kind < 0.5) {
    response
      .status(503)
      .json({ error: "temporarily_unavailable", error_description: "The stand-in failed on purpose." });
    return;
  }
  // The request is heard, and its answer goes nowhere, or says nothing.
  const { socket } = response;
  const end = response.end.bind(response) as (chunk?: string) => Response;
  response.end = ((..._parts: unknown[]) => {
    if (kind < 0.75 || response.headersSent) socket?.destroy();
    else {
      for (const name of response.getHeaderNames()) response.removeHeader(name);
      response.statusCode = 200;
      response.setHeader("Content-Type", "text/html");
      end("<p>Sign in to go on.</p>");
    }
    return response;
  }) as Response["end"];
  next();
}
