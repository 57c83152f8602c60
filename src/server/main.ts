import { join } from "node:path";
import { createApp } from "./app";
import { listen } from "./listen";

const preferred = Number(process.env.PORT || 4310);
if (!Number.isInteger(preferred) || preferred < 1 || preferred > 65_535) {
  console.error(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
  process.exit(2);
}
const host = process.env.HOST || "127.0.0.1";
// Who can ask only from this machine may be led to this machine.
const onlyHere = /^(?:127\.|localhost$|::1$)/.test(host);
/** Names under which it is reached from elsewhere, where it is. */
const names = (process.env.DUNE_SPARROW_HOSTS ?? "").split(/[\s,]+/).filter(Boolean);
const app = createApp(join(import.meta.dirname, "../../dist"), {
  reach: onlyHere ? "this-machine" : "public",
  names,
});
const { server, port } = await listen(app, preferred, host);
if (port !== preferred) console.log(`Port ${preferred} is taken; using ${port}.`);
console.log(`Dune Sparrow is at http://127.0.0.1:${port}`);
for (const signal of ["SIGINT", "SIGTERM"] as const) {
  process.once(signal, () => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
}
