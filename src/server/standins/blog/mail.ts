/** Posts as mail to the blog's subscribers. The stand-in mails nobody: the message lies in its folder, once a post. */
import { createTransport } from "nodemailer";
import type { RenderedPost } from "../../../core/site/site";

/** Made up, as the blog is. */
export const SUBSCRIBERS = 214;

/**
 * A message as it would go out (RFC 5322): the excerpt, and the way to the post.
 *
 * @param id of the post: the same message has the same name, however often it is made
 * @param original whole address of the post
 * @param at when it goes out
 */
export async function mailOf(
  { title, excerpt, description }: RenderedPost,
  { id, original, from, at }: { id: string; original: string; from: string; at: Date },
): Promise<Buffer> {
  const host = new URL(original).hostname;
  const { message } = await createTransport({ streamTransport: true, buffer: true }).sendMail({
    from: { name: from, address: `posts@${host}` },
    to: { name: `${SUBSCRIBERS} subscribers`, address: `subscribers@${host}` },
    subject: title || "A new post",
    text: `${excerpt || description}\n\nRead it: ${original}\n`,
    messageId: `<${id}@${host}>`,
    date: at,
  });
  return message as Buffer;
}
