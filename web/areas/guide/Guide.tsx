import { useEffect, type ReactNode } from 'react'
import Markdown from 'react-markdown'
import { Link, useLocation, useParams } from 'react-router'
import remarkGfm from 'remark-gfm'
import { anchor, PAGES } from './pages'

const textOf = (node: ReactNode): string =>
  Array.isArray(node) ? node.map(textOf).join('') : typeof node === 'string' ? node : ''

const Heading2 = ({ children }: { children?: ReactNode }) => <h2 id={anchor(textOf(children))}>{children}</h2>

/** A page of the guide, and all of them at its side; inside a tree its links to areas lead into that tree. */
export default function Guide() {
  const { tree, page = 'index' } = useParams()
  const { hash } = useLocation()
  const base = tree ? `/t/${tree}` : ''
  const shown = PAGES.find((one) => one.name === page)
  useEffect(() => {
    if (hash !== '') document.getElementById(decodeURIComponent(hash.slice(1)))?.scrollIntoView()
  }, [hash, page])
  const Anchor = ({ href = '', children }: { href?: string; children?: ReactNode }) => {
    const [path = '', part] = href.split('#')
    const isPage = path.endsWith('.md')
    const target = isPage ? `${base}/guide/${path.slice(0, -3)}` : `${base}/${path}`
    // Outside a tree there are no areas to lead to.
    if (!isPage && path !== '' && !tree) return <span>{children}</span>
    return (
      <Link className="act" to={`${path === '' ? '' : target}${part ? `#${part}` : ''}`}>
        {children}
      </Link>
    )
  }
  const Main = tree ? 'div' : 'main'
  return (
    <Main className="grid h-full grid-cols-[220px_minmax(0,1fr)] max-lg:block max-lg:overflow-auto">
      <nav
        aria-label="Pages of the guide"
        className="overflow-auto border-r border-rule px-5 py-4 max-lg:border-r-0"
      >
        <ul>
          {PAGES.map((one) => (
            <li key={one.name}>
              <Link
                to={`${base}/guide/${one.name}`}
                aria-current={one.name === page ? 'page' : undefined}
                className={`block py-[3px] ${one.name === page ? 'font-semibold text-tide' : 'hover:text-tide'}`}
              >
                {one.title}
              </Link>
            </li>
          ))}
        </ul>
        {!tree && (
          <Link className="act mt-4 inline-block" to="/trees">
            Your trees
          </Link>
        )}
      </nav>
      <article className="guide overflow-auto px-8 py-4">
        {shown ? (
          <Markdown remarkPlugins={[remarkGfm]} components={{ a: Anchor, h2: Heading2 }}>
            {shown.text}
          </Markdown>
        ) : (
          <p>There is no such page in the guide.</p>
        )}
      </article>
    </Main>
  )
}
