/** The blog's endpoint: Micropub over HTTP, as W3C has it (Recommendation of 2017). */
import busboy from "busboy";
import express, { type NextFunction, type Request, type Response, Router } from "express";
import { fileTypeFromBuffer } from "file-type";
import { isPictureType, mayBe, mediaTypeOfName } from "../../../core/media/mediaTypes";
import type { BlogSite } from "../../../core/micropub/blogSite";
import { isRecord, MicropubError, type Properties, readProperties } from "../../../core/micropub/entry";
import { readForm } from "../../../core/micropub/form";
import { readChange } from "../../../core/micropub/update";
import { checkShape, ShapeError } from "../../../data/schemas/validate";
import { blogSite } from "../../../data/schemas/validators.generated.js";
import { sizeOfPicture } from "../../../disk/pictureEncoder";
import type { Blog, Placed } from "./blog";
import { PLACES } from "./copies";
import { SUBSCRIBERS } from "./mail";
import { mediaPath } from "./mediaAddress";

const MOST_TEXT = "20mb";
const MOST_MEDIA = 30_000_000;

const STATUS = { invalid_request: 400, unauthorized: 401, forbidden: 403, not_found: 404 } as const;

/** @param origin of the blog itself, as its readers reach it */
export function micropubRoutes(blog: Blog, token: string, origin: () => string): Router {
  const router = Router();
  const address = (path: string) => origin() + path.split("/").map(encodeURIComponent).join("/");
  const pathOf = (url: unknown): string => {
    if (typeof url !== "string" || !URL.canParse(url, origin()))
      throw new MicropubError("invalid_request", "Say which post by its “url”.");
    return decodeURI(new URL(url, origin()).pathname);
  };

  router.use((request, response, next) => {
    // Clients in browsers ask from elsewhere; the token says who may.
    response.set({
      "Access-Control-Allow-Origin": "*",
      "Access-Control-Allow-Headers": "Authorization, Content-Type",
      "Access-Control-Allow-Methods": "GET, POST",
      "Access-Control-Expose-Headers": "Location",
      "Cache-Control": "no-store",
    });
    if (request.method === "OPTIONS") response.status(204).end();
    else next();
  });
  router.use(
    express.json({ limit: MOST_TEXT }),
    express.text({ type: "application/x-www-form-urlencoded", limit: MOST_TEXT }),
  );
  router.use(multipart);

  const allowed = (request: Request, inForm: string | null): void => {
    const header = /^Bearer\s+(\S+)\s*$/i.exec(request.get("Authorization") ?? "")?.[1];
    if (header !== undefined && inForm !== null)
      throw new MicropubError("invalid_request", "Send the token once: in the header or in the form.");
    const sent = header ?? inForm;
    if (!sent) throw new MicropubError("unauthorized", "Send the token of this blog.");
    if (sent !== token) throw new MicropubError("forbidden", "This is not the token of this blog.");
  };

  router.get("/", (request, response) => {
    allowed(request, null);
    const { q, url } = request.query;
    if (q === "config") response.json(config(address("/micropub/media")));
    else if (q === "syndicate-to") response.json({ "syndicate-to": PLACES });
    else if (q === "category")
      response.json({ categories: blog.store.site.categories.map(({ name }) => name) });
    else if (q === "x-site") response.json(blog.store.site);
    else if (q === "source" && url === undefined)
      response.json({
        items: blog.list().map(({ path, entry }) => ({
          ...entry,
          properties: { ...entry.properties, url: [address(path)] },
        })),
      });
    else if (q === "source") {
      const { type, properties } = blog.source(pathOf(url));
      const names = [request.query.properties, request.query["properties[]"]]
        .flat()
        .filter((name) => typeof name === "string");
      response.json(
        names.length
          ? {
              properties: Object.fromEntries(
                names.flatMap((name) => (properties[name] ? [[name, properties[name]]] : [])),
              ),
            }
          : { type, properties },
      );
    } else
      throw new MicropubError(
        "invalid_request",
        "There is no such “q”: config, source, syndicate-to, category.",
      );
  });

  const done = (response: Response, { path, moved }: Placed, created = false): void => {
    const location = address(path);
    if (created || moved) response.status(201).location(location).end();
    else response.status(204).end();
  };

  router.post("/", async (request, response) => {
    const form = formOf(request);
    if (form) {
      allowed(request, form.find(([name]) => name === "access_token")?.[1] ?? null);
      const read = readForm(form);
      if (read.kind === "create") {
        const photos = await Promise.all(filesOf(request).map((file) => keep(file)));
        if (photos.length) read.entry.properties.photo = [...(read.entry.properties.photo ?? []), ...photos];
        done(response, await blog.create(read.entry), true);
      } else if (read.kind === "delete") done(response, await blog.delete(pathOf(read.url)));
      else done(response, await blog.undelete(pathOf(read.url)));
      return;
    }
    allowed(request, null);
    const body: unknown = request.body;
    if (!isRecord(body))
      throw new MicropubError("invalid_request", "The request is neither JSON nor a form.");
    if (body.action === "update") done(response, await blog.update(pathOf(body.url), readChange(body)));
    else if (body.action === "delete") done(response, await blog.delete(pathOf(body.url)));
    else if (body.action === "undelete") done(response, await blog.undelete(pathOf(body.url)));
    else if (body.action === "x-site") {
      await blog.tellSite(checkShape<BlogSite>(blogSite, body.site, "what this blog is told of its site"));
      response.status(204).end();
    } else if (body.action !== undefined)
      throw new MicropubError("invalid_request", `There is no action “${String(body.action)}”.`);
    else {
      const [type] = Array.isArray(body.type) ? (body.type as unknown[]) : [];
      if (type !== "h-entry") throw new MicropubError("invalid_request", "A post is of the type “h-entry”.");
      const properties: Properties = readProperties(body.properties);
      done(response, await blog.create({ type: ["h-entry"], properties }), true);
    }
  });

  async function keep(file: UploadedFile): Promise<string> {
    const kind = await fileTypeFromBuffer(file.bytes);
    const type = await takenAs(file, kind?.mime);
    if (!type)
      throw new MicropubError(
        "invalid_request",
        `“${file.name}” is no picture that this blog can show, and no file that its readers could download.`,
      );
    const name = await blog.store.saveMedia(file.bytes, type);
    return origin() + mediaPath(name, file.name);
  }

  router.post("/media", async (request, response) => {
    const form = formOf(request) ?? [];
    allowed(request, form.find(([name]) => name === "access_token")?.[1] ?? null);
    const [file] = filesOf(request);
    if (!file)
      throw new MicropubError("invalid_request", "Send a picture or a file as the part “file” of a form.");
    response
      .status(201)
      .location(await keep(file))
      .end();
  });

  router.use((error: unknown, _request: Request, response: Response, next: NextFunction) => {
    const status = (error as { status?: unknown }).status;
    const refusal =
      error instanceof MicropubError
        ? error
        : error instanceof ShapeError
          ? new MicropubError("invalid_request", [error.message, ...error.faults].join(" "))
          : typeof status === "number" && status >= 400 && status < 500
            ? new MicropubError("invalid_request", "The request could not be read.")
            : null;
    if (!refusal) return next(error);
    if (refusal.code === "unauthorized") response.set("WWW-Authenticate", 'Bearer realm="blog"');
    response
      .status(typeof status === "number" && !(error instanceof MicropubError) ? status : STATUS[refusal.code])
      .json({ error: refusal.code, error_description: refusal.message });
  });
  return router;
}

const config = (media: string): object => ({
  "media-endpoint": media,
  "syndicate-to": PLACES,
  "post-types": [
    { type: "article", name: "Article" },
    { type: "note", name: "Note" },
    { type: "photo", name: "Photo" },
  ],
  q: ["config", "source", "syndicate-to", "category"],
  // Beyond the standard: it keeps a post until its time has come, takes a post of one uid once, and can be told of the site.
  "x-holds-future": true,
  "x-once-by-uid": true,
  "x-mail": { subscribers: SUBSCRIBERS },
  "x-site": true,
});

/** The media type that a file is kept as; null where the blog does not take it. @param detected what its first bytes say */
async function takenAs({ name, bytes }: UploadedFile, detected: string | undefined): Promise<string | null> {
  if (detected && isPictureType(detected)) return (await sizeOfPicture(bytes)) ? detected : null;
  const said = mediaTypeOfName(name)?.type;
  return said && !isPictureType(said) && mayBe(said, detected) ? said : null;
}

interface UploadedFile {
  name: string;
  bytes: Buffer;
}
interface Multipart {
  fields: [string, string][];
  files: UploadedFile[];
}
const PARTS = Symbol("parts of a form");
const partsOf = (request: Request): Multipart | undefined => (request as { [PARTS]?: Multipart })[PARTS];
const filesOf = (request: Request): UploadedFile[] => partsOf(request)?.files ?? [];

/** The fields of a form, however it was sent; null where the request is none. */
function formOf(request: Request): [string, string][] | null {
  const parts = partsOf(request);
  if (parts) return parts.fields;
  return typeof request.body === "string" ? [...new URLSearchParams(request.body)] : null;
}

function multipart(request: Request, _response: Response, next: NextFunction): void {
  if (!request.is("multipart/form-data")) {
    next();
    return;
  }
  const parts: Multipart = { fields: [], files: [] };
  const refuse = (message: string) => next(new MicropubError("invalid_request", message));
  let reader: ReturnType<typeof busboy>;
  try {
    reader = busboy({
      headers: request.headers,
      defParamCharset: "utf8",
      limits: { files: 20, fileSize: MOST_MEDIA, fields: 1000, fieldSize: MOST_MEDIA },
    });
  } catch {
    refuse("The form could not be read.");
    return;
  }
  let large = false;
  reader.on("field", (name, value) => parts.fields.push([name, value]));
  reader.on("file", (_name, stream, { filename }) => {
    const pieces: Buffer[] = [];
    stream.on("data", (piece: Buffer) => pieces.push(piece));
    stream.on("limit", () => {
      large = true;
    });
    stream.on("end", () => parts.files.push({ name: filename || "picture", bytes: Buffer.concat(pieces) }));
  });
  reader.once("error", () => refuse("The form could not be read."));
  reader.once("close", () => {
    if (large) refuse("A file may have 30 MB.");
    else {
      (request as { [PARTS]?: Multipart })[PARTS] = parts;
      next();
    }
  });
  request.pipe(reader);
}
