/** Where posts are published to, and what that blog can do. */
import { useRef, useState } from "react";
import { messageOf } from "../../../core/messageOf";
import type { BlogConnection } from "../../../data/model";
import { saveBlog, saveBlogToken } from "../../../data/saveSettings";
import { getBlogToken, standInBlog } from "../../../data/settings";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { blogChanged } from "../../store/sessionSlice";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { count } from "../../ui/figures";
import { Select } from "../../ui/Select";
import { CommittedField } from "../CommittedField";
import { TroubleFields } from "./TroubleFields";

const OTHER = { ...standInBlog, id: "micropub", kind: "micropub", name: "Blog" } as const;

const addressFault = (text: string): string | null =>
  /^https?:\/\/[^/\s]+/.test(text.trim()) && URL.canParse(text.trim())
    ? null
    : "Enter the address of the blog, such as https://blog.example.";
export function BlogConnectionForm() {
  const { blog: client } = useDependencies();
  const store = useAppStore();
  const blog = useAppSelector((state) => state.session.blog);
  const dispatch = useAppDispatch();
  const [failure, setFailure] = useState("");
  const [answer, setAnswer] = useState<{ good: boolean; says: string } | null>(null);
  const token = useAsk(() => getBlogToken(blog.id), [blog.id]);
  const origin = useAsk(() => client.standInOrigin(), [client]);
  /** The last change on its way to the database. */
  const saving = useRef(Promise.resolve());
  const keep = (work: () => Promise<void>) => {
    setAnswer(null);
    saving.current = saving.current.then(async () => {
      try {
        await work();
        setFailure("");
      } catch (error) {
        setFailure(messageOf(error));
      }
    });
  };
  const edit = (changes: Partial<BlogConnection>) =>
    keep(async () => {
      const next = { ...store.getState().session.blog, ...changes };
      await saveBlog(next);
      dispatch(blogChanged(next));
    });
  const tryIt = async () => {
    setAnswer({ good: true, says: "Asking …" });
    await saving.current;
    try {
      const { media, holdsFuture, onceByUid, syndicateTo, subscribers, takesSite } = await client.config(
        store.getState().session.blog,
      );
      const can = [
        media ? "takes pictures" : "takes no pictures",
        holdsFuture
          ? "keeps scheduled posts until their minute"
          : "keeps nothing back: scheduled posts wait in this browser",
        onceByUid ? "takes each post once, however often it is sent" : "",
        syndicateTo.length ? `copies excerpts to ${count(syndicateTo.length, "place")}` : "",
        subscribers === null ? "" : `mails posts to ${count(subscribers, "subscriber")}`,
        takesSite ? "takes categories, authors and redirects, too" : "",
      ].filter(Boolean);
      setAnswer({ good: true, says: `The blog answers. It ${can.join("; it ")}.` });
    } catch (error) {
      setAnswer({ good: false, says: messageOf(error) });
    }
  };
  return (
    <div className="flex flex-col gap-3">
      {failure && (
        <p role="alert" className="text-plum">
          The change was not saved: {failure}. The connection is as it was; change it again to retry.
        </p>
      )}
      <FieldLine
        label="Blog"
        hint="The stand-in ships with the application: a small blog on this machine. Another blog is reached at its address, if it speaks Micropub (W3C)."
      >
        {(id) => (
          <Select
            id={id}
            value={blog.kind}
            onChange={(kind) => edit(kind === "stand-in" ? standInBlog : OTHER)}
            options={[
              { value: "stand-in", label: "Stand-in blog" },
              { value: "micropub", label: "A blog at another address" },
            ]}
          />
        )}
      </FieldLine>
      {blog.kind === "micropub" ? (
        <>
          <FieldLine label="Name" hint="What the buttons that publish call it.">
            {(id) => (
              <CommittedField
                id={id}
                value={blog.name}
                fault={(text) => (text.trim() ? null : "The blog needs a name.")}
                onCommit={(name) => edit({ name: name.trim() })}
              />
            )}
          </FieldLine>
          <FieldLine
            label="Blog address"
            hint="Its home page, which names its endpoint, or the endpoint itself."
          >
            {(id) => (
              <CommittedField
                id={id}
                inputMode="url"
                value={blog.address}
                fault={addressFault}
                onCommit={(address) => edit({ address: address.trim() })}
              />
            )}
          </FieldLine>
          <FieldLine
            label="Token"
            hint="It stays in this browser: it is in no workspace file and in no address."
          >
            {(id) => (
              <CommittedField
                key={token.state}
                id={id}
                type="password"
                value={token.state === "ready" ? token.value : ""}
                fault={(text) => (/\s/.test(text.trim()) ? "A token has no blanks in it." : null)}
                onCommit={(text) => keep(() => saveBlogToken(blog.id, text.trim()))}
              />
            )}
          </FieldLine>
        </>
      ) : (
        <>
          <p className="pl-[108px] text-[13px] text-ink-2">
            {origin.state === "ready" && origin.value ? (
              <>
                It is at{" "}
                <a className="quiet-link" href={origin.value} target="_blank" rel="noreferrer">
                  {origin.value}
                </a>
                .
              </>
            ) : (
              "It does not run at the moment: the server says why when it starts."
            )}
          </p>
          <TroubleFields
            trouble={blog}
            labels={{ delay: "Blog delay", errorRate: "Blog error rate" }}
            fails="fail, are lost on the way back, or come back as rubbish"
            onEdit={edit}
          />
        </>
      )}
      <div className="flex items-center gap-3 pl-[108px]">
        <Button onClick={() => void tryIt()}>Test the blog</Button>
        {answer && (
          <p role={answer.good ? "status" : "alert"} className={answer.good ? "text-ink-2" : "text-plum"}>
            {answer.says}
          </p>
        )}
      </div>
    </div>
  );
}
