/** What a tree's file may end in, as a picker of files wants it. */
export const TREE_FILES = '.ged,.gedcom,.gdz,.zip'

let handed: { tree: string; file: File } | null = null

/** Hands a file that was dropped elsewhere on to the page of a tree's files, which looks at it when it opens. */
export function handOn(tree: string, file: File) {
  handed = { tree, file }
}

/** The file that was handed on to this tree, once. */
export function takeHanded(tree: string): File | null {
  if (handed?.tree !== tree) return null
  const { file } = handed
  handed = null
  return file
}
