import { KIN, LIFE, ofTree } from './asking'
import { api, type Schemas } from './client'

export type Handwork = Schemas['HandworkInput']

/** Options of a drawing or a report by name, as words; what is not said is as usual. */
export type Options = Record<string, string>

/** The same in an address. */
export const asWords = (options: Options) => new URLSearchParams(options).toString()

/** What can be asked of drawings and reports. */
export const presentedQueries = {
  drawingKinds: (tree: string) =>
    ofTree('drawing-kinds', tree, [], ['kinds'], () =>
      api.GET('/api/trees/{tree}/drawing-kinds', { params: { path: { tree } } }),
    ),
  reportKinds: (tree: string) =>
    ofTree('report-kinds', tree, [], ['kinds'], () =>
      api.GET('/api/trees/{tree}/report-kinds', { params: { path: { tree } } }),
    ),
  /** A drawing with what the hand did to it; without that, an address of its own. */
  drawing: (tree: string, kind: string, subjects: string, options: Options, handwork: Handwork | null) =>
    ofTree('drawing', tree, [kind, subjects, asWords(options), handwork], LIFE, () =>
      handwork === null
        ? api.GET('/api/trees/{tree}/drawings/{kind}/{subjects}', {
            params: { path: { tree, kind, subjects } },
            querySerializer: () => asWords(options),
          })
        : api.POST('/api/trees/{tree}/reading/drawing/{kind}/{subjects}', {
            params: { path: { tree, kind, subjects } },
            querySerializer: () => asWords(options),
            body: { handwork },
          }),
    ),
  /** What the second person is to the first. */
  kinship: (tree: string, person: string, otherPerson: string) =>
    ofTree('kinship', tree, [person, otherPerson], LIFE, () =>
      api.GET('/api/trees/{tree}/kinship/{person}/{otherPerson}', {
        params: { path: { tree, person, otherPerson } },
      }),
    ),
  savedDrawings: (tree: string) =>
    ofTree('saved-drawings', tree, [], ['drawings'], () =>
      api.GET('/api/trees/{tree}/saved-drawings', { params: { path: { tree } } }),
    ),
  savedDrawing: (tree: string, savedDrawing: string) =>
    ofTree('saved-drawing', tree, [savedDrawing], [...LIFE, 'drawings'], () =>
      api.GET('/api/trees/{tree}/saved-drawings/{savedDrawing}', {
        params: { path: { tree, savedDrawing } },
      }),
    ),
  report: (tree: string, kind: string, reported: string, options: Options) =>
    ofTree('report', tree, [kind, reported, asWords(options)], [...LIFE, 'kinds', 'texts', 'drawings'], () =>
      api.GET('/api/trees/{tree}/reports/{kind}/{reported}', {
        params: { path: { tree, kind, reported } },
        querySerializer: () => asWords(options),
      }),
    ),
  /** By what everybody is numbered for whoever reads. */
  numbering: (tree: string) =>
    ofTree('numbering', tree, [], KIN, () =>
      api.GET('/api/trees/{tree}/numbering', { params: { path: { tree } } }),
    ),
  reportFiles: (tree: string) =>
    ofTree('report-files', tree, [], ['exchange'], () =>
      api.GET('/api/trees/{tree}/report-files', { params: { path: { tree } } }),
    ),
  /** A made-up event as a sentence of one’s own tells it. */
  toldSentence: (tree: string, word: string, sentence: string) =>
    ofTree('told-sentence', tree, [word, sentence], ['kinds'], () =>
      api.GET('/api/trees/{tree}/event-kinds/told', {
        params: { path: { tree }, query: { word, sentence } },
      }),
    ),
  /** Texts of somebody, or of a couple or a place; of all of them where nothing is said. */
  texts: (tree: string, of: { person?: string; union?: string; place?: string }) =>
    ofTree('texts', tree, [of.person ?? '', of.union ?? '', of.place ?? ''], ['texts', 'people'], () =>
      api.GET('/api/trees/{tree}/texts', { params: { path: { tree }, query: of } }),
    ),
  text: (tree: string, text: string) =>
    ofTree('text', tree, [text], [...LIFE, 'texts'], () =>
      api.GET('/api/trees/{tree}/texts/{text}', { params: { path: { tree, text } } }),
    ),
  waitingNotes: (tree: string) =>
    ofTree('waiting-notes', tree, [], [...LIFE, 'texts', 'exchange'], () =>
      api.GET('/api/trees/{tree}/texts/waiting', { params: { path: { tree } } }),
    ),
  callable: (tree: string, person: string) =>
    ofTree('callable', tree, [person], LIFE, () =>
      api.GET('/api/trees/{tree}/people/{person}/callable', { params: { path: { tree, person } } }),
    ),
  savedReports: (tree: string) =>
    ofTree('saved-reports', tree, [], [...LIFE, 'texts'], () =>
      api.GET('/api/trees/{tree}/saved-reports', { params: { path: { tree } } }),
    ),
  books: (tree: string) =>
    ofTree('books', tree, [], ['texts'], () =>
      api.GET('/api/trees/{tree}/books', { params: { path: { tree } } }),
    ),
  book: (tree: string, book: string) =>
    ofTree('book', tree, [book], ['texts', 'drawings'], () =>
      api.GET('/api/trees/{tree}/books/{book}', { params: { path: { tree, book } } }),
    ),
}
