import { useEffect, useRef, useState, type DragEvent } from 'react'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useWrite } from '../../../api/useTree'
import { upload } from '../../exchange/upload'
import { wide, type PageSize, type StripPlace, type View } from '../../../parts/page/geometry'
import { PageFrame } from '../../../parts/page/PageFrame'
import { Clippings, useClippings } from './Clippings'

type Image = Schemas['ImageResource']

type Props = {
  record: string
  images: Image[]
  chosen: string
  onChosen: (id: string) => void
  views: Record<string, View>
  onView: (id: string, view: View) => void
  ruler: StripPlace | null
  isProposed: boolean
  onRuler: (slip: StripPlace) => void
  onHeads: (strip: StripPlace) => void
  onLeave: () => void
  isWide: boolean
}

/** The pictures of a record, one of them in hand; a file that is dropped here is put on the record. */
export function RecordImages(props: Props) {
  const {
    record,
    images,
    chosen,
    onChosen,
    views,
    onView,
    ruler,
    isProposed,
    onRuler,
    onHeads,
    onLeave,
    isWide,
  } = props
  const tree = useTreeId()
  const [share, setShare] = useState<number | null>(null)
  const picker = useRef<HTMLInputElement>(null)
  const add = useWrite(
    async (file: File) => {
      const id = await upload(file, setShare, new AbortController().signal)
      return unwrap(
        api.POST('/api/trees/{tree}/records/{record}/images', {
          params: { path: { tree, record } },
          body: { uploadId: id },
        }),
      )
    },
    (made) => onChosen(made.id),
  )
  const takeOff = useWrite((id: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/images/{image}', { params: { path: { tree, image: id } } })),
  )
  const take = async (files: FileList | null) => {
    for (const file of files ?? []) {
      if (file.size > 2 * 1024 ** 3)
        toast.error(`${file.name} is larger than 2 GB, the most that can come in.`)
      else await add.mutateAsync(file).catch(() => undefined)
    }
    setShare(null)
  }
  const drop = (event: DragEvent) => {
    event.preventDefault()
    if (event.dataTransfer.files.length > 0) void take(event.dataTransfer.files)
  }
  const image = images.find((image) => image.id === chosen) ?? images[0]
  const { cuts, cut, dropCut } = useClippings(record)
  return (
    <div
      className="relative flex h-full min-h-0 flex-col"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <input
        ref={picker}
        type="file"
        className="sr-only"
        tabIndex={-1}
        aria-label="Put a picture on this record"
        accept="image/jpeg,image/png,image/tiff,image/webp,application/pdf"
        multiple
        onChange={(event) => void take(event.target.files)}
      />
      <div className="min-h-0 grow">
        {image ? (
          <Shown
            key={image.id}
            image={image}
            view={views[image.id] ?? image.view}
            onView={(view) => onView(image.id, view)}
            ruler={ruler}
            isProposed={isProposed}
            onRuler={onRuler}
            onHeads={onHeads}
            onCut={cut}
            onLeave={onLeave}
            isWide={isWide}
          />
        ) : (
          <div className="flex h-full items-center justify-center bg-rule/30">
            <p className="max-w-[44ch] text-center">
              Here the page will lie beside its roll.{' '}
              <button type="button" className="act-main" onClick={() => picker.current?.click()}>
                Put a picture here
              </button>
              <br />
              <span className="text-[13px] text-graphite">
                or drop one: JPEG, PNG, TIFF, WebP or PDF, up to 2 GB. The file itself is never altered.
              </span>
            </p>
          </div>
        )}
      </div>
      <Clippings cuts={cuts} images={images} views={views} onDrop={dropCut} />
      {(images.length > 1 || share !== null) && (
        <div className="flex h-[24px] items-center gap-3 overflow-hidden whitespace-nowrap bg-paper px-2 text-[13px]">
          {images.map((one, index) => (
            <button
              key={one.id}
              type="button"
              aria-pressed={one.id === image?.id}
              className={one.id === image?.id ? 'font-semibold text-ink' : 'act'}
              onClick={() => onChosen(one.id)}
            >
              {index + 1}. {one.title}
            </button>
          ))}
          {share !== null && <span role="status">Coming in, {Math.round(share * 100)} of 100</span>}
        </div>
      )}
      {image && (
        <p className="absolute right-2 top-2 flex gap-3 rounded-[3px] bg-raised px-2 text-[13px] text-tide shadow">
          <button type="button" className="hover:underline" onClick={() => picker.current?.click()}>
            Another picture
          </button>
          <a
            className="hover:underline"
            href={`/t/${tree}/pictures/${image.mediaId}`}
            target="_blank"
            rel="noreferrer"
          >
            In a window of its own
          </a>
          <button type="button" className="hover:underline" onClick={() => takeOff.mutate(image.id)}>
            Remove it
          </button>
        </p>
      )}
    </div>
  )
}

function Shown(props: {
  image: Image
  view: View | null
  onView: (view: View) => void
  ruler: StripPlace | null
  isProposed: boolean
  onRuler: (slip: StripPlace) => void
  onHeads: (strip: StripPlace) => void
  onCut: (piece: StripPlace) => void
  onLeave: () => void
  isWide: boolean
}) {
  const { image, view, onView, ruler, isProposed, onRuler, onHeads, onCut, onLeave, isWide } = props
  const tree = useTreeId()
  const said = useRef<ReturnType<typeof setTimeout>>(undefined)
  useEffect(() => () => clearTimeout(said.current), [])
  const look = (next: View) => {
    onView(next)
    clearTimeout(said.current)
    said.current = setTimeout(() => {
      void api.PUT('/api/trees/{tree}/images/{image}/view', {
        params: { path: { tree, image: image.id } },
        body: next,
      })
    }, 1000)
  }
  if (image.state === 'failed') return <p className="p-6 text-madder">{`${image.title}: ${image.problem}`}</p>
  if (image.state !== 'ready')
    return (
      <p className="p-6 text-graphite" role="status">
        {image.title} is here and is being made ready for looking at …
      </p>
    )
  return (
    <PageFrame
      image={image.id}
      media={image.mediaId}
      title={image.title}
      pages={image.pages}
      view={view}
      onView={look}
      ruler={ruler}
      isProposed={isProposed}
      onRuler={onRuler}
      onHeads={(strip) => {
        look({
          ...(view ?? wide(image.pages[strip.page] as PageSize, 860, 300, strip.page)),
          headsPage: strip.page,
          headsTop: strip.top,
          headsHeight: strip.height,
        })
        onHeads(strip)
      }}
      onCut={onCut}
      onLeave={onLeave}
      isWide={isWide}
    />
  )
}
