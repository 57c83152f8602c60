const DEMO = "/demo/brackenford.dunesparrow.zip";

/** Replaces the workspace by the demo. The reader of workspace files comes in only now: few sessions need it. */
export async function loadDemo(): Promise<void> {
  const response = await fetch(DEMO);
  if (!response.ok) throw new Error(`The demo could not be fetched (${response.status}).`);
  const bytes = new Uint8Array(await response.arrayBuffer());
  const { readWorkspace, replaceWorkspace } = await import("../data/workspace");
  await replaceWorkspace(readWorkspace(bytes));
}
