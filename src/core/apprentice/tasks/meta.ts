import * as is from "../../declare";
import { keywordSaid, saysKeyword } from "../checks/keyword";
import { descriptionFits, descriptionRoom, type Room, titleFits } from "../checks/widths";
import { headingInside } from "../composing/headingInside";
import { isName, keywordOrigin, OWN_WORDS, part, type Sentence } from "../composing/parts";
import { keySentences } from "../composing/pool";
import { compressed } from "../english/compress";
import { readFragment } from "../english/fragment";
import { asSentence, capitalised, inside, listed } from "../english/sentence";
import { readSubject } from "../english/subject";
import { metaForm } from "../forms/meta";
import { sentencesOf } from "../material/material";
import { type Call, defineTask, said } from "../task";
import { titles } from "./titles";

export const meta = defineTask({
  id: "meta",
  name: "Write title and description",
  says: "A meta title and a meta description that fit their widths, from a few words about the page and up to three keywords.",
  fields: {
    about: is.optional(said(is.text(5000), "What the page is about")),
    keywords: is.optional(said(is.list(is.text(200), 3), "Keywords, up to three")),
  },
  form: metaForm,
  places: ["proof", "release"],
  languages: "English",
  answers: 3,
  ask: ({ about, keywords }, { title, keyword }) =>
    [
      "Write a meta title (35 to 60 characters) and a meta description (110 to 150 characters) for a page.",
      `The page: ${about || title}.`,
      `Keywords: ${(keywords?.length ? keywords : [keyword]).join(", ")}.`,
    ].join("\n"),
  checks: [titleFits, descriptionFits, keywordSaid],
  compose(call) {
    const { input, material, many } = call;
    const keywords = (input.keywords ?? []).map((one) => one.trim()).filter(Boolean);
    const keyword = keywords[0] || material.keyword;
    const page = (input.about || material.title).trim();
    if (!keyword && !page && !material.post) {
      call.miss("A few words about the page, or a keyword.");
      return [];
    }
    const target = keyword || page;
    const headlines = titles.compose({
      ...call,
      input: { keyword: target.length <= 60 ? target : page.slice(0, 60), terms: keywords.slice(1) },
      many: many + 3,
    });
    const descriptions = descriptionsFor(call, page, target, keywords.slice(1));
    if (!headlines.length || !descriptions.length) {
      if (!descriptions.length)
        call.miss("More about the page: a sentence or two that say what a reader finds on it.");
      return [];
    }
    return headlines.slice(0, many).map((headline, i) => {
      const description = descriptions[i % descriptions.length]!;
      return [headline[0]!, part("description", description.text, description.from)];
    });
  },
});

/** Sentences one behind another, as many as fit; those with the keyword first, those that use the room first. */
function descriptionsFor(
  call: Call<{ about?: string; keywords?: string[] }>,
  page: string,
  keyword: string,
  others: readonly string[],
): Sentence[] {
  const { material, profile, chance, free } = call;
  const { pack } = material;
  const room = descriptionRoom(profile);
  const leads = [...leadsFor(call, page, keyword)];
  const ends = endsFor(call, keyword, others);
  const pairs: Sentence[] = [];
  for (const lead of leads) {
    pairs.push(lead);
    for (const end of ends) {
      pairs.push({ text: `${lead.text} ${end.text}`, from: [...lead.from, ...end.from] });
      for (const last of ends)
        if (last !== end && last.text.split(" ")[0] !== end.text.split(" ")[0])
          pairs.push({
            text: `${lead.text} ${end.text} ${last.text}`,
            from: [...lead.from, ...end.from, ...last.from],
          });
    }
  }
  const seen = new Set<string>();
  return pairs
    .filter(({ text }) => fits(text, room) && !seen.has(text) && seen.add(text))
    .map((one) => ({
      one,
      worth:
        (saysKeyword(one.text, keyword, pack, profile) ? 1 : 0) +
        0.3 * (room.width(one.text) / room.most) +
        (one.from.some((from) => from.kind !== "writer" && from.kind !== "keyword") ? 0.4 : 0) +
        0.6 * (0.2 + free) * chance.next(),
    }))
    .sort((a, b) => b.worth - a.worth)
    .slice(0, 12)
    .map(({ one }) => one);
}

const fits = (text: string, { least, most, width }: Room): boolean =>
  width(text) >= least && width(text) <= most;

function leadsFor(call: Call<{ about?: string }>, page: string, keyword: string): Sentence[] {
  const { input, material, chance, free } = call;
  const { pack } = material;
  const leads: Sentence[] = [];
  for (const passage of sentencesOf(input.about ?? "", "description", "about the page", pack)) {
    const { kind } = readFragment(passage.text);
    if (kind === "sentence" || kind === "order") {
      const short = compressed(asSentence(passage.text), 130);
      if (short) leads.push({ text: short, from: [passage] });
    } else if (kind === "thing")
      leads.push({
        text: asSentence(`${capitalised(passage.text)}: what to know and what to ask`),
        from: [passage, OWN_WORDS],
      });
  }
  if (material.post) {
    const post = material.post;
    for (const passage of keySentences(post, { pack, chance, free, many: 5 })) {
      const short = compressed(passage.text, 140);
      if (short) leads.push({ text: short, from: [passage] });
    }
  }
  if (keyword) {
    const subject = readSubject(keyword, [material.whole]);
    const from = [keywordOrigin(keyword, "keyword"), OWN_WORDS];
    if (subject.verb)
      leads.push(
        { text: `How to ${subject.verb}: what you need, where to begin and what can go wrong.`, from },
        { text: `Learn how to ${subject.verb}, one step at a time.`, from },
      );
    else if (subject.kind === "question")
      leads.push({ text: `${subject.heading}? A plain answer, with the reasons behind it.`, from });
    else if (subject.kind === "choice")
      leads.push({ text: `${subject.heading}: what speaks for each, and how to decide.`, from });
    else
      leads.push(
        {
          text: `A plain guide to ${subject.inSentence}: what matters, what does not and what to ask first.`,
          from,
        },
        { text: `What to know about ${subject.inSentence} before you decide.`, from },
      );
  }
  if (!leads.length && page)
    leads.push({
      text: asSentence(`${page}: what to know and what to ask`),
      from: [{ kind: "post", ref: "title", quote: page }, OWN_WORDS],
    });
  return leads;
}

function endsFor(
  { material, chance }: Call<unknown>,
  keyword: string,
  others: readonly string[],
): Sentence[] {
  const name = isName(material);
  const ends: Sentence[] = [];
  const more = others.map((text) => ({
    inside: readSubject(text).inSentence,
    from: keywordOrigin(text, "keyword"),
  }));
  if (more.length)
    ends.push({
      text: `It also covers ${listed(more.map((one) => one.inside))}.`,
      from: more.map((one) => one.from),
    });
  const covered = material.outline.flatMap(({ text, faq }) => {
    const as = faq ? null : headingInside(text, name);
    return as && as.length < 50 ? [{ as, from: { kind: "outline" as const, ref: text, quote: text } }] : [];
  });
  const chosen = chance.shuffled(covered).slice(0, 2);
  if (chosen.length === 2)
    ends.push({
      text: `Read about ${listed(chosen.map(({ as }) => as))}.`,
      from: chosen.map(({ from }) => from),
    });
  const { audience } = material;
  if (audience && audience.length < 50)
    ends.push({
      text: `It is written for ${inside(audience, name)}.`,
      from: [{ kind: "note", ref: "audience", quote: audience }],
    });
  const own = [keyword ? keywordOrigin(keyword, "keyword") : OWN_WORDS, OWN_WORDS];
  ends.push(
    { text: "Get clear answers in plain words.", from: own },
    { text: "Find the questions to ask before you decide.", from: own },
    { text: "Read what to look for and what to leave.", from: own },
    { text: "It is short, honest and easy to follow.", from: own },
  );
  return ends;
}
