/** Fetches the pages of manuals that bench/manuals has marks of from Debian's archive: `npm run manuals`, on a machine with Debian's apt. */
import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { BOOKS } from "../bench/manuals/books";
import { type Book, MANUAL_LANGUAGES } from "../bench/manuals/manual";
import { fileOf } from "../bench/manuals/pages";
import { manualSubjects } from "../bench/manuals/subjects";

const work = mkdtempSync(join(tmpdir(), "manuals-"));

/** Where the files of a package are unpacked; fetched once. */
const unpacked = new Map<string, string>();
function filesOf({ package: name, version }: Book): string {
  const known = unpacked.get(name);
  if (known) return known;
  const folder = join(work, name);
  mkdirSync(folder);
  console.log(`${name} ${version}`);
  execFileSync("apt-get", ["-o", "APT::Sandbox::User=root", "download", `${name}=${version}`], {
    cwd: folder,
    stdio: ["ignore", "ignore", "inherit"],
  });
  const archive = readdirSync(folder).find((file) => file.endsWith(".deb"))!;
  execFileSync("dpkg-deb", ["--extract", archive, "files"], { cwd: folder });
  unpacked.set(name, join(folder, "files"));
  return join(folder, "files");
}

try {
  for (const marked of manualSubjects.flatMap(({ pages }) => pages))
    for (const language of MANUAL_LANGUAGES) {
      const book = BOOKS[marked.book]!(language);
      const to = fileOf(marked, language);
      mkdirSync(dirname(to), { recursive: true });
      copyFileSync(join(filesOf(book), book.path(marked.page)), to);
    }
  console.log("All pages are in .manuals/.");
} finally {
  rmSync(work, { recursive: true, force: true });
}
