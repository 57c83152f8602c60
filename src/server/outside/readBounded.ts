/** An answer is larger than it may be. */
export class TooLarge extends Error {}

/**
 * Reads what streams in, as far as a bound.
 *
 * @throws TooLarge as soon as there is more; leaving the loop gives up the connection
 */
export async function readBounded(body: AsyncIterable<Uint8Array>, mostBytes: number): Promise<Buffer> {
  const pieces: Uint8Array[] = [];
  let size = 0;
  for await (const piece of body) {
    size += piece.length;
    if (size > mostBytes) throw new TooLarge();
    pieces.push(piece);
  }
  return Buffer.concat(pieces);
}
