const files = import.meta.glob<string>('../../../docs/guide/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
})

export type GuidePage = { name: string; title: string; text: string; headings: string[] }

/** The order in which the pages stand; a page that is not named here comes after them. */
const ORDER = [
  'index',
  'first-hour',
  'finding',
  'walking',
  'people',
  'relationships',
  'sources',
  'records',
  'questions',
  'research',
  'places',
  'pictures',
  'drawings',
  'reports',
  'files',
  'journal',
  'tree',
  'keys',
]

const place = (name: string) => (ORDER.includes(name) ? ORDER.indexOf(name) : ORDER.length)

/** Every page of the guide, in its order. */
export const PAGES: GuidePage[] = Object.entries(files)
  .map(([path, text]) => ({
    name: path.replace(/^.*\/|\.md$/g, ''),
    title: /^# (.+)$/m.exec(text)?.[1] ?? '',
    text,
    headings: [...text.matchAll(/^##+ (.+)$/gm)].map((match) => match[1] ?? ''),
  }))
  .sort((a, b) => place(a.name) - place(b.name))

export type Passage = { page: string; title: string; heading: string }

/** The address of a heading within its page. */
export const anchor = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')

/** Headings, and pages whose text says it, that hold every word that was typed; the headings first. */
export function passages(typed: string, most: number): Passage[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const holds = (text: string) => words.every((word) => text.toLowerCase().includes(word))
  const headed = PAGES.flatMap(({ name, title, headings }) =>
    headings
      .filter((heading) => holds(`${title} ${heading}`))
      .map((heading) => ({ page: name, title, heading })),
  )
  const told = PAGES.filter((page) => holds(page.text) && !headed.some((one) => one.page === page.name)).map(
    ({ name, title }) => ({ page: name, title, heading: '' }),
  )
  return [...headed, ...told].slice(0, most)
}
