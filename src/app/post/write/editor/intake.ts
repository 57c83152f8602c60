/** How what comes in from elsewhere is read and kept: given to the editor when it is made. */
import { type Editor, Extension } from "@tiptap/core";
import type { Pasted } from "../../../../core/paste/paste";
import type { Asset } from "../../../../data/model";

export interface Intake {
  /** Reads what a clipboard held: its HTML, or its text where that is empty. */
  readPaste(html: string, text: string): Promise<Pasted>;
  /**
   * Keeps a picture as a file of the workspace.
   *
   * @param tell say what was made of it
   * @throws PictureError
   */
  keepPicture(file: File, tell?: boolean): Promise<Asset>;
  /** Keeps a file to download. @throws PictureError */
  keepFile(file: File): Promise<Asset>;
}

export const intakeExtension = (intake: Intake): Extension =>
  Extension.create<unknown, Intake>({ name: "intake", addStorage: () => intake });

export const intakeOf = (editor: Editor): Intake => (editor.storage as unknown as { intake: Intake }).intake;
