import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import request from "supertest";
import { describe, expect, it } from "vitest";
import { createApp } from "./app";
import { listen } from "./listen";

const dist = mkdtempSync(join(tmpdir(), "dist-"));
mkdirSync(join(dist, "assets"));
writeFileSync(join(dist, "index.html"), "<!doctype html><title>x</title>");
writeFileSync(join(dist, "assets", "a-1.js"), "1");
const app = createApp(dist);

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
    }
  });

  it("keeps what never changes, and asks again for the page", async () => {
    expect((await request(app).get("/assets/a-1.js")).headers["cache-control"]).toContain("immutable");
    expect((await request(app).get("/")).headers["cache-control"]).toBe("no-cache");
  });

  it("packs what is worth packing", async () => {
    writeFileSync(join(dist, "assets", "big-1.js"), "x".repeat(5000));
    const { headers } = await request(app).get("/assets/big-1.js").set("Accept-Encoding", "gzip");
    expect(headers["content-encoding"]).toBe("gzip");
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
