import type { Schemas } from '../../../api/client'

/** A chapter as it is put together. */
export type Chapter = Schemas['ChapterInput']
