import { useEffect, useRef } from "react";
import { useForm } from "react-hook-form";
import { messageOf } from "../../../core/messageOf";
import type { Site } from "../../../data/model";
import { saveSite } from "../../../data/saveSettings";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { siteChanged } from "../../store/sessionSlice";
import { changeOf, faultOf, formOf, type SiteFieldName, type SiteForm } from "./siteForm";
import { useSiteMoves } from "./useSiteMoves";

/** The site's settings as a form: each value is stored when its field is left, and what is wrong with it is said beside it. */
export function useSiteForm() {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const site = useAppSelector((state) => state.session.site);
  /** What is stored, as the form says it. */
  const stored = useRef(formOf(site));
  const form = useForm<SiteForm>({
    defaultValues: stored.current,
    mode: "onBlur",
  });

  const { propose, sheet } = useSiteMoves();

  const storeSite = async (name: SiteFieldName, next: Site): Promise<void> => {
    try {
      await saveSite(next);
      dispatch(siteChanged(next));
    } catch (error) {
      form.setError(name, { message: `Not saved: ${messageOf(error)}. Leave the field again to retry.` });
    }
  };

  /** Stores a value, where it is sound and other than before. */
  const commit = async (name: SiteFieldName): Promise<void> => {
    const text = form.getValues(name);
    if (faultOf[name]?.(text) || text === stored.current[name]) return;
    const before = store.getState().session.site;
    await propose({
      next: { ...before, ...changeOf[name](text, before) },
      why: name === "basePath" || name === "addressPattern" ? "by hand" : "category moved",
      store: (next) => storeSite(name, next),
      onRefused: () => form.setValue(name, stored.current[name]),
    });
  };

  // What changed here or elsewhere, with the whole workspace perhaps, is shown as it is stored: an address has its scheme by now, a list no
  // blank lines. What is being typed stays.
  useEffect(() => {
    const next = formOf(site);
    const names = Object.keys(next) as SiteFieldName[];
    const before = stored.current;
    stored.current = next;
    for (const name of names) {
      const text = form.getValues(name);
      const settled =
        text === before[name] ||
        JSON.stringify(changeOf[name](text, site)) === JSON.stringify(changeOf[name](next[name], site));
      if (settled && text !== next[name]) form.setValue(name, next[name]);
    }
  }, [site, form]);

  // Whoever leaves by a key, or closes the page, leaves the field too.
  const commitAll = useRef(async () => {});
  commitAll.current = async () => {
    for (const name of Object.keys(form.getValues()) as SiteFieldName[]) await commit(name);
  };
  useEffect(() => {
    const onHide = () => void (document.visibilityState === "hidden" && commitAll.current());
    document.addEventListener("visibilitychange", onHide);
    return () => {
      document.removeEventListener("visibilitychange", onHide);
      void commitAll.current();
    };
  }, []);

  return {
    /** Attributes of a field. */
    field: (name: SiteFieldName) => ({
      ...form.register(name, {
        validate: (text) => faultOf[name]?.(text) ?? true,
        onBlur: () => void commit(name),
      }),
      "aria-invalid": form.formState.errors[name] !== undefined,
      "aria-describedby": `${name}-fault`,
    }),
    /** Value and change of what is chosen from a list: stored at once. */
    choice: (name: SiteFieldName) => ({
      value: form.watch(name),
      onChange: (value: string) => {
        form.setValue(name, value);
        void commit(name);
      },
    }),
    /** Shows what a change would move, while somebody decides. */
    sheet,
    fault: (name: SiteFieldName): string | undefined => form.formState.errors[name]?.message,
    onSubmit: form.handleSubmit(() => commitAll.current()),
  };
}
