import { join } from "node:path";
import { createApp } from "./app";
import { listen } from "./listen";
import { createLog } from "./log";
import { dataFolder, type RunningBlog, startBlog } from "./standins/blog/startBlog";

const LARGEST = 65_535;

/** @returns the port that an environment variable names; the other one where it names none */
function portOf(name: string, otherwise: number): number {
  const port = Number(process.env[name] || otherwise);
  if (Number.isInteger(port) && port >= 1 && port <= LARGEST) return port;
  console.error(`${name} must be a number from 1 to ${LARGEST}, not “${process.env[name]}”.`);
  process.exit(2);
}

const preferred = portOf("PORT", 4310);
const blogPort = portOf("BLOG_PORT", Math.min(preferred + 1, LARGEST));
const host = process.env.HOST || "127.0.0.1";
// Who can ask only from this machine may be led to this machine.
const onlyHere = /^(?:127\.|localhost$|::1$)/.test(host);
/** Names under which it is reached from elsewhere, where it is. */
const names = (process.env.DUNE_SPARROW_HOSTS ?? "").split(/[\s,]+/).filter(Boolean);
const dist = join(import.meta.dirname, "../../dist");
const log = createLog();

/** The stand-in blog is a service like any other: where it cannot start, the application works without it. */
async function blogIfPossible(): Promise<RunningBlog | null> {
  try {
    const demo = join(dist, "demo/brackenford.dunesparrow.zip");
    return await startBlog({ data: dataFolder(), demo, port: blogPort, host: "127.0.0.1", log });
  } catch (error) {
    console.error(
      `The stand-in blog could not start: ${error instanceof Error ? error.message : String(error)}`,
    );
    return null;
  }
}

const blog = await blogIfPossible();
const app = createApp(dist, { reach: onlyHere ? "this-machine" : "public", names, log, blog });
const { server, port } = await listen(app, preferred, host);
if (port !== preferred) console.log(`Port ${preferred} is taken; using ${port}.`);
console.log(`Dune Sparrow is at http://127.0.0.1:${port}`);
if (blog) console.log(`The stand-in blog is at ${blog.origin}`);
for (const signal of ["SIGINT", "SIGTERM"] as const) {
  process.once(signal, () => {
    blog?.server.close();
    blog?.server.closeAllConnections();
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
