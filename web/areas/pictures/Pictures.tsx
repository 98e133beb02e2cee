import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useDebounced } from '../../parts/useDebounced'
import { FaceCut } from '../../parts/page/FaceCut'
import { useCommands } from '../../keys/commandRegistry'
import { upload } from '../exchange/upload'
import { count } from '../../parts/count'
import { useWindowState } from '../../parts/useWindowState'
import { NoneFound } from '../../parts/NoneFound'
import { queries } from '../../api/queries'

/** Every picture and file, by name; those that nobody gave a title can be listed alone. */
export default function Pictures() {
  const tree = useTreeId()
  const path = useTreePath()
  const picker = useRef<HTMLInputElement>(null)
  const [typed, setTyped] = useWindowState('pictures.words', '')
  const [untitled, setUntitled] = useWindowState('pictures.untitled', false)
  const [share, setShare] = useState<number | null>(null)
  const q = useDebounced(typed.trim())
  const pictures = useInfiniteQuery({
    ...queries.pictures(tree, q, untitled),
    placeholderData: keepPreviousData,
  })
  const add = useWrite(async (file: File) => {
    const id = await upload(file, setShare, new AbortController().signal)
    return unwrap(
      api.POST('/api/trees/{tree}/pictures', { params: { path: { tree } }, body: { uploadId: id } }),
    )
  })
  const take = async (files: FileList | null) => {
    for (const file of files ?? []) {
      if (file.size > 2 * 1024 ** 3)
        toast.error(`${file.name} is larger than 2 GB, the most that can come in.`)
      else await add.mutateAsync(file).catch(() => undefined)
    }
    setShare(null)
  }
  useCommands([{ key: 'a', says: 'Add a picture', run: () => picker.current?.click() }])
  const rows = pictures.data?.pages.flatMap((page) => page.rows) ?? []
  const { shown = 0, total = 0 } = pictures.data?.pages[0] ?? {}
  return (
    <div
      className="h-full overflow-auto px-6 py-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        void take(event.dataTransfer.files)
      }}
    >
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="font-serif text-[26px]">Pictures</h1>
        <input
          className="gap w-[240px]"
          aria-label="Filter pictures by words"
          placeholder="words of a picture"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <label className="flex items-center gap-2 text-[14px]">
          <input type="checkbox" checked={untitled} onChange={(event) => setUntitled(event.target.checked)} />
          without a title
        </label>
        <span className="text-graphite" role="status">
          {shown.toLocaleString('en')} of {count(total, 'picture')}
          {share !== null && `, coming in ${Math.round(share * 100)} of 100`}
        </span>
        <input
          ref={picker}
          type="file"
          multiple
          className="sr-only"
          tabIndex={-1}
          aria-label="Add pictures"
          accept="image/jpeg,image/png,image/tiff,image/webp,application/pdf"
          onChange={(event) => void take(event.target.files)}
        />
        <button type="button" className="act ml-auto" onClick={() => picker.current?.click()}>
          Add a picture <kbd>a</kbd>
        </button>
      </div>
      {pictures.isSuccess && total === 0 && (
        <Empty
          says="Here every picture and file will stand. Drop some: JPEG, PNG, TIFF, WebP or PDF, up to 2 GB each. The files
          themselves are never altered."
        >
          <button type="button" className="act-main" onClick={() => picker.current?.click()}>
            Add the first one
          </button>
        </Empty>
      )}
      {pictures.isSuccess && total > 0 && shown === 0 && (
        <NoneFound
          what="picture"
          words={q}
          onClear={() => {
            setTyped('')
            setUntitled(false)
          }}
        />
      )}
      <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-x-6">
        {rows.map((picture) => (
          <li key={picture.id} className="border-b border-rule">
            <Link to={path(`pictures/${picture.id}`)} className="flex gap-3 py-2 hover:bg-wash">
              <Small picture={picture} />
              <span className="min-w-0">
                <span className="block truncate font-serif text-[16px]">
                  {picture.title || (
                    <span className="italic text-graphite">{picture.path.split('/').at(-1)}</span>
                  )}
                </span>
                <span className="block truncate text-[13px] text-graphite">
                  {picture.on.length === 0 ? 'not linked to anything yet' : picture.on.join('; ')}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {pictures.hasNextPage && (
        <button type="button" className="act mt-3" onClick={() => void pictures.fetchNextPage()}>
          More
        </button>
      )}
    </div>
  )
}

function Small({ picture }: { picture: Schemas['PictureLine'] }) {
  const page = picture.pages[0]
  if (!page) return <span className="inline-block h-[64px] w-[64px] shrink-0 bg-rule/40" aria-hidden />
  return (
    <FaceCut
      cut={{ page: 0, left: 0, top: 0, width: 1, height: 1 }}
      media={picture.id}
      page={page}
      side={64}
      label=""
    />
  )
}
