/** The form of a link: found among the site's own pages by typing, or given as an address. */
import type { Editor } from "@tiptap/core";
import { Command } from "cmdk";
import { ExternalLink } from "lucide-react";
import { type RefObject, useEffect, useMemo, useRef, useState } from "react";
import { linkChoices } from "../../../../core/links/linkChoices";
import { languagePack } from "../../../../core/text/language";
import { useAppSelector } from "../../../store/hooks";
import { Button } from "../../../ui/Button";
import { Checkbox } from "../../../ui/Checkbox";
import { commandItem } from "../../../ui/commandItem";
import { Tooltip } from "../../../ui/Tooltip";
import { asAddress } from "../asAddress";
import { useLinkTargets } from "./useLinkTargets";

const RELS = [
  ["nofollow", "Do not vouch for it"],
  ["sponsored", "Sponsored"],
  ["ugc", "Written by users"],
] as const;
const KINDS = { post: "post", page: "page", section: "section" } as const;

export function LinkForm({ editor, onDone }: { editor: Editor; onDone: () => void }) {
  const before = editor.getAttributes("link") as { href?: string; rel?: string | null };
  const [typed, setTyped] = useState(before.href ?? "");
  const [rel, setRel] = useState(new Set((before.rel ?? "").split(/\s+/).filter(Boolean)));
  const [refused, setRefused] = useState(false);
  const language = useAppSelector((state) => state.openPost.post?.language ?? "");
  const targets = useLinkTargets();
  const { from, to } = editor.state.selection;
  const phrase = editor.state.doc.textBetween(from, to, " ");
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => takeFocus(input), []);
  const address = asAddress(typed);
  const choices = useMemo(
    () => linkChoices(typed === before.href ? "" : typed, phrase, targets, languagePack(language), 6),
    [typed, before.href, phrase, targets, language],
  );

  const link = (href: string) => {
    const internal = href.startsWith("/") || href.startsWith("#");
    editor
      .chain()
      .focus()
      .extendMarkRange("link")
      // Own pages and places are never held at a distance.
      .setLink({ href, rel: internal || !rel.size ? null : [...rel].join(" ") })
      .run();
    onDone();
  };
  const asTyped = () => {
    if (address) link(address);
    else setRefused(true);
  };

  return (
    <Command
      shouldFilter={false}
      label="Address of the link"
      className="w-[30rem] rounded border border-edge bg-sheet p-1.5 shadow-md"
      onKeyDown={(event) => {
        if (event.key === "Enter" && !address && !choices.length) setRefused(true);
        if (event.key !== "Escape") return;
        event.preventDefault();
        onDone();
        editor.commands.focus();
      }}
    >
      <div className="flex gap-1.5">
        <Command.Input
          ref={input}
          aria-invalid={refused}
          placeholder="A post or page of the site, https://, #place"
          className="field-box"
          value={typed}
          onValueChange={(value) => {
            setTyped(value);
            setRefused(false);
          }}
        />
        <Button kind="primary" onClick={asTyped}>
          Link
        </Button>
        {before.href && (
          <Button
            onClick={() => {
              editor.chain().focus().extendMarkRange("link").unsetLink().run();
              onDone();
            }}
          >
            Remove
          </Button>
        )}
      </div>
      {refused && (
        <p role="alert" className="mt-1 text-[13px] text-plum">
          A page may not link to this address. Use https://…, /own/page, #place or mailto:…
        </p>
      )}
      <Command.List className="mt-1.5 max-h-64 overflow-y-auto border-t border-rule pt-1">
        {address && (
          <Command.Item value="as typed" className={commandItem} onSelect={() => link(address)}>
            <span className="truncate">{address}</span>
            <span className="ml-auto shrink-0 text-[13px] text-ink-2">as typed</span>
          </Command.Item>
        )}
        {choices.map(({ href, title, kind, meant }) => (
          <Command.Item
            key={`${kind} ${href}`}
            value={href}
            className={commandItem}
            onSelect={() => link(href)}
          >
            <span className="truncate">{title}</span>
            <span className="ml-auto shrink-0 text-[13px] text-ink-2">
              {meant ? "its keyword is here" : KINDS[kind]}
            </span>
          </Command.Item>
        ))}
        {!address && !choices.length && typed.trim() && (
          <Command.Empty className="px-3 py-1.5 text-[13px] text-ink-2">
            Nothing of the site holds “{typed.trim()}”, and it is not an address.
          </Command.Empty>
        )}
      </Command.List>
      {address && /^https?:/i.test(address) && (
        <div className="mt-1.5 flex items-center gap-3 border-t border-rule pt-1.5 text-[13px]">
          {RELS.map(([name, what]) => (
            <Tooltip key={name} says={what}>
              <label className="flex items-center gap-1">
                <Checkbox
                  checked={rel.has(name)}
                  onChange={(checked) => {
                    const next = new Set(rel);
                    if (checked) next.add(name);
                    else next.delete(name);
                    setRel(next);
                  }}
                />
                {name}
              </label>
            </Tooltip>
          ))}
          <a
            href={address}
            target="_blank"
            rel="noreferrer noopener"
            className="quiet-link ml-auto flex items-center gap-1"
          >
            Test it <ExternalLink size={13} aria-hidden="true" />
          </a>
        </div>
      )}
    </Command>
  );
}

/** The bar over a selection that was only just made is still on its way: it cannot be focused before it is there. */
function takeFocus(input: RefObject<HTMLInputElement | null>, tries = 10): void {
  input.current?.focus();
  if (tries > 0 && input.current && document.activeElement !== input.current)
    setTimeout(() => takeFocus(input, tries - 1), 50);
}
