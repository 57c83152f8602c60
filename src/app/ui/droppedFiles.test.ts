import { expect, it } from "vitest";
import { droppedFiles } from "./droppedFiles";

const isPage = (name: string) => name.endsWith(".html");
const fileEntry = (fullPath: string) => {
  const name = fullPath.split("/").at(-1)!;
  return {
    isFile: true,
    name,
    fullPath,
    file: (done: (file: File) => void) => done(new File(["x"], name)),
  } as unknown as FileSystemEntry;
};
/** A folder that is told in pieces of two, as browsers tell theirs in pieces of a hundred. */
const folderEntry = (fullPath: string, inside: FileSystemEntry[]) =>
  ({
    isFile: false,
    name: fullPath.split("/").at(-1),
    fullPath,
    createReader: () => {
      let at = 0;
      return {
        readEntries: (done: (entries: FileSystemEntry[]) => void) => {
          done(inside.slice(at, at + 2));
          at += 2;
        },
      };
    },
  }) as unknown as FileSystemEntry;
const dropOf = (entries: FileSystemEntry[], files: File[] = []) =>
  ({
    items: entries.map((entry) => ({ webkitGetAsEntry: () => entry })),
    files,
  }) as unknown as DataTransfer;
const names = async (dropped: DataTransfer) => (await droppedFiles(dropped, isPage)).map(({ name }) => name);

it("finds the wanted files of a folder and of those in it, numbers in their order", async () => {
  const folder = folderEntry("/field", [
    fileEntry("/field/10.html"),
    fileEntry("/field/style.css"),
    fileEntry("/field/2.html"),
    folderEntry("/field/more", [fileEntry("/field/more/a.html")]),
  ]);
  expect(await names(dropOf([folder]))).toEqual(["2.html", "10.html", "a.html"]);
});

it("takes files that were dropped by themselves", async () => {
  expect(await names(dropOf([fileEntry("/b.html"), fileEntry("/c.txt")]))).toEqual(["b.html"]);
});

it("takes what a browser without entries tells", async () => {
  const files = [new File([""], "a.html"), new File([""], "b.txt")];
  expect(await names({ items: [], files } as unknown as DataTransfer)).toEqual(["a.html"]);
});
