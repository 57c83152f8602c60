/** An answer that says back what stands in the question's material: nothing is made up, and everybody sees that a test wrote it. */

/** @param question as the application asks it (core/apprentice/prompt) */
export function answerTo(question: string): string {
  const material = /MATERIAL([\s\S]*)END OF MATERIAL/.exec(question)?.[1] ?? "";
  const lines = material
    .split("\n")
    .filter((line) => line.startsWith("- "))
    .map((line) =>
      line
        .slice(2)
        .replace(/^#+\s*/, "")
        .trim(),
    )
    .filter((line) => line.length > 3);
  const said = (lines.length ? lines : [question.split("\n").at(-1) ?? "Nothing"]).slice(0, 5);
  const titled = said.map((line) => line.replace(/[.?!]$/, ""));
  if (/one title a line/i.test(question))
    return `Sure! Here are some titles:\n\n${titled.map((line, i) => `${i + 1}. ${line}`).join("\n")}\n\nLet me know which one you like.`;
  if (/two lines: “Title/i.test(question))
    return `Title: ${titled[0]}\nDescription: ${sentence(said.join(", "))}`;
  if (/its title and one sentence/i.test(question))
    return titled
      .map((line) => `${line}\nA test writer says what stands in the material: ${line}.`)
      .join("\n\n");
  if (/Markdown headings/i.test(question))
    return titled.map((line) => `## ${line}\nSay what matters about it.`).join("\n\n");
  if (/Number each part/i.test(question))
    return said.map((line, i) => `${i + 1}/${said.length} ${sentence(line)}`).join("\n\n");
  if (/after a hyphen/i.test(question)) return said.map((line) => `- ${line}`).join("\n");
  if (/Subject: …/i.test(question))
    return `Subject: ${titled[0]}\nPreview: ${sentence(said[1] ?? said[0]!)}\nText: ${said.map(sentence).join(" ")}`;
  return said.map(sentence).join(" ");
}

const sentence = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`);
