/** The whole site as files: in one zip, or in a folder where the browser can write to one. */
import * as Comlink from "comlink";
import { useState } from "react";
import { messageOf } from "../../../core/messageOf";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { download } from "../../ui/download";
import { count } from "../../ui/figures";
import { canWriteFolders, chooseFolder, writeFolder } from "./folder";

type Said = { good: boolean; text: string; problems: readonly string[] };

export function FilesForm() {
  const { workers } = useDependencies();
  const site = useAppSelector((state) => state.session.site);
  const [progress, setProgress] = useState<string | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  const onProgress = Comlink.proxy((done: number, of: number) => setProgress(`${done} of ${of} files`));
  const run = async (work: () => Promise<Said | null>) => {
    setSaid(null);
    setProgress("Rendering …");
    try {
      setSaid(await work());
    } catch (error) {
      setSaid({
        good: false,
        text: `The site was not written: ${messageOf(error)}. Your posts are unchanged.`,
        problems: [],
      });
    } finally {
      setProgress(null);
    }
  };
  const asSaid = (
    {
      pages,
      posts,
      problems,
    }: { pages: number; posts: number; problems: readonly { file: string; says: string }[] },
    where: string,
  ): Said => ({
    good: true,
    text: `${where}: ${count(posts, "post")}, ${count(pages, "page")}.${problems.length ? ` ${count(problems.length, "thing")} to look at:` : ""}`,
    problems: problems.map(({ file, says }) => `${file}: ${says}`),
  });
  const zip = () =>
    run(async () => {
      const answer = await workers.site.exportZip(site, new Date().toISOString(), onProgress);
      download(answer.zip, "site.zip");
      return asSaid(answer, "Downloaded site.zip");
    });
  const folder = () =>
    run(async () => {
      const handle = await chooseFolder();
      if (!handle) return null;
      const answer = await workers.site.exportSite(site, new Date().toISOString(), onProgress);
      await writeFolder(handle, answer.items);
      return asSaid(answer, `Written to “${handle.name}”`);
    });
  return (
    <div className="flex flex-col gap-2">
      <p className="text-[13px] text-ink-2">
        Everything that is live as files for any web server: pages, feeds, sitemap, redirects, pictures. The
        command “dune-sparrow site” writes the same from a workspace file.
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <Button disabled={progress !== null} onClick={() => void zip()}>
          Export the whole site, zipped
        </Button>
        {canWriteFolders() && (
          <Button disabled={progress !== null} onClick={() => void folder()}>
            Write the whole site to a folder …
          </Button>
        )}
        {progress && (
          <p role="status" className="figures text-[13px] text-ink-2">
            {progress}
          </p>
        )}
      </div>
      {said && (
        <div role={said.good ? "status" : "alert"} className={said.good ? "text-ink-2" : "text-plum"}>
          <p>{said.text}</p>
          {said.problems.length > 0 && (
            <ul className="mt-1 list-disc pl-5 text-[13px]">
              {said.problems.slice(0, 20).map((one) => (
                <li key={one}>{one}</li>
              ))}
            </ul>
          )}
        </div>
      )}
    </div>
  );
}
