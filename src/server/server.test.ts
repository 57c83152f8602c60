import { spawn } from "node:child_process";
import { once } from "node:events";
import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import request from "supertest";
import { Agent, request as ask } from "undici";
import { describe, expect, it } from "vitest";
import { createApp } from "./app";
import { listen } from "./listen";
import { createLog } from "./log";

const dist = mkdtempSync(join(tmpdir(), "dist-"));
mkdirSync(join(dist, "assets"));
writeFileSync(join(dist, "index.html"), "<!doctype html><title>x</title>");
writeFileSync(join(dist, "assets", "a-1.js"), "1");
const app = createApp(dist);

/** The server in a process of its own, whose memory nothing else grows. */
async function serverProcess() {
  const url = (file: string) => JSON.stringify(new URL(file, import.meta.url).href);
  const script = `
    const { createApp } = await import(${url("./app.ts")});
    const { listen } = await import(${url("./listen.ts")});
    const { port } = await listen(createApp(${JSON.stringify(dist)}), 4930);
    const before = process.memoryUsage().rss;
    process.on("message", () => process.send(process.resourceUsage().maxRSS * 1024 - before));
    process.send(port);`;
  const child = spawn(process.execPath, ["--import", "tsx", "--input-type=module", "--eval", script], {
    stdio: ["ignore", "ignore", "inherit", "ipc"],
  });
  const next = async () => Number((await once(child, "message"))[0]);
  return {
    port: await next(),
    /** The most bytes that it held beyond those it started with. */
    growth: () => {
      child.send("growth");
      return next();
    },
    end: () => child.kill(),
  };
}

describe("the server", () => {
  it.each([
    ["/", 200, /html/],
    ["/post/x/write", 200, /html/],
    ["/assets/a-1.js", 200, /javascript/],
    ["/assets/none.js", 404, /plain/],
    ["/none.png", 404, /plain/],
    ["/../package.json", 404, /plain/],
    ["/%2e%2e/%2e%2e/etc/passwd.txt", 404, /plain/],
  ])("answers %s with %d", async (path, status, type) => {
    const response = await request(app).get(path);
    expect(response.status).toBe(status);
    expect(response.headers["content-type"]).toMatch(type);
  });

  it("answers a broken address without its insides", async () => {
    const response = await request(app).get("/%E0%A4%A");
    expect(response.status).toBe(400);
    expect(response.text).toBe("Something went wrong\n");
  });

  it("sends a strict policy with every answer, and nothing of itself", async () => {
    for (const path of ["/", "/none.png"]) {
      const { headers } = await request(app).get(path);
      const policy = headers["content-security-policy"]!;
      expect(policy).toContain("default-src 'none'");
      expect(policy).toContain("script-src 'self';");
      expect(policy).toContain("frame-ancestors 'none'");
      expect(headers["x-content-type-options"]).toBe("nosniff");
      expect(headers["x-powered-by"]).toBeUndefined();
      expect(headers["permissions-policy"]).toContain("camera=()");
    }
  });

  it("keeps what never changes, and asks again for the page", async () => {
    expect((await request(app).get("/assets/a-1.js")).headers["cache-control"]).toContain("immutable");
    expect((await request(app).get("/")).headers["cache-control"]).toBe("no-cache");
  });

  it.each([
    ["br", "br, gzip", brotliCompressSync],
    ["gz", "gzip", gzipSync],
  ] as const)("sends what was compressed when it was built: %s", async (ending, accepted, pack) => {
    writeFileSync(join(dist, "assets", "big-1.js"), "plain");
    writeFileSync(join(dist, "assets", `big-1.js.${ending}`), pack("packed"));
    // The files are looked through once, at the start.
    const { server, port } = await listen(createApp(dist), ending === "br" ? 4960 : 4970);
    const get = async (accept: string) => {
      const { headers, body } = await ask(`http://127.0.0.1:${port}/assets/big-1.js`, {
        headers: { "accept-encoding": accept },
      });
      return { headers, bytes: Buffer.from(await body.arrayBuffer()) };
    };
    const { headers, bytes } = await get(accepted);
    expect(headers["content-encoding"]).toBe(ending === "br" ? "br" : "gzip");
    expect(headers["cache-control"]).toContain("immutable");
    expect(headers["content-type"]).toContain("javascript");
    expect(bytes.equals(pack("packed"))).toBe(true);
    expect((await get("identity")).bytes.toString()).toBe("plain");
    server.closeAllConnections();
    server.close();
  });

  it("does not compress again and again: 2,000 requests at once are answered, with no more memory than a few", async () => {
    writeFileSync(join(dist, "assets", "worker-1.js"), "x".repeat(400_000));
    const { port, growth, end } = await serverProcess();
    const agent = new Agent({ connections: 200 });
    const statuses = await Promise.all(
      Array.from({ length: 2000 }, async () => {
        const { statusCode, body } = await ask(`http://127.0.0.1:${port}/assets/worker-1.js`, {
          dispatcher: agent,
        });
        await body.dump({ limit: 1_000_000 });
        return statusCode;
      }),
    );
    expect(new Set(statuses)).toEqual(new Set([200]));
    expect(await growth()).toBeLessThan(500_000_000);
    await agent.close();
    end();
  }, 60_000);

  it("answers to its own addresses only", async () => {
    const { server, port } = await listen(createApp(dist, { names: ["proofroom.example"] }), 4940);
    const status = (headers: Record<string, string>) =>
      ask(`http://127.0.0.1:${port}/`, { headers }).then(({ statusCode, body }) =>
        body.dump().then(() => statusCode),
      );
    for (const host of [
      `127.0.0.1:${port}`,
      `localhost:${port}`,
      `app.localhost:${port}`,
      "proofroom.example",
    ])
      expect([host, await status({ host })]).toEqual([host, 200]);
    for (const host of [
      "evil.example",
      `evil.example:${port}`,
      "127.0.0.1:1",
      "localhost",
      `127.0.0.2:${port}`,
      `localhost.evil.example:${port}`,
      "a b",
      "",
    ])
      expect([host, await status({ host })]).toEqual([host, 421]);
    const host = `127.0.0.1:${port}`;
    expect(await status({ host, origin: `http://localhost:${port}` })).toBe(200);
    for (const origin of ["http://evil.example", "null", `http://127.0.0.1:1`, "nonsense"])
      expect([origin, await status({ host, origin })]).toEqual([origin, 421]);
    server.closeAllConnections();
    server.close();
  });

  it("ends a request that comes in too slowly", () => {
    // How long is the platform's to keep; that it is asked to is ours.
    return listen(app, 4950).then(({ server }) => {
      expect([server.requestTimeout, server.headersTimeout]).toEqual([30_000, 10_000]);
      server.close();
    });
  });

  it("writes a line for each failure, and nothing that a person typed", async () => {
    const lines: string[] = [];
    const log = createLog({ write: (line) => void lines.push(line) });
    const broken = createApp(dist, { log, demo: join(dist, "no-demo") });
    const response = await request(broken)
      .post("/api/standins/search/ideas?secret-address")
      .send({ seed: "my secret words", region: "BR", most: 3 });
    expect(response.body).toMatchObject({ error: { code: "failed" } });
    expect(lines).toHaveLength(1);
    const line = JSON.parse(lines[0]!) as Record<string, unknown>;
    expect(line).toMatchObject({ method: "POST", part: "/api/standins/search", status: 500, code: "ENOENT" });
    expect((line.at as string[]).length).toBeGreaterThan(1);
    expect(lines[0]).not.toMatch(/secret/);
  });

  it("says so where nothing has been built", () => {
    expect(() => createApp(join(dist, "none"))).toThrow("no built application");
  });

  it("takes the next free port", async () => {
    const taken = createServer();
    const port = await new Promise<number>((resolve) =>
      taken.listen(0, "127.0.0.1", () => resolve((taken.address() as { port: number }).port)),
    );
    const { server, port: got } = await listen(app, port);
    expect(got).toBeGreaterThan(port);
    server.close();
    taken.close();
  });
});
