import { useRef, useState } from 'react'
import { Link } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { FaceCut } from '../../parts/page/FaceCut'
import { upload } from '../exchange/upload'
import { saved } from '../../parts/saved'

type Props = {
  pictures: Schemas['PictureHere'][]
  /** What a picture that is dropped here is put on. */
  on: { personId: string } | { factId: string } | { placeId: string }
  /** Stands under a heading already. */
  isHeaded?: boolean
}

/** The pictures and files on somebody, a fact or a place, small; one that is dropped here is put there. */
export function AttachedPictures({ pictures, on, isHeaded = false }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const picker = useRef<HTMLInputElement>(null)
  const [share, setShare] = useState<number | null>(null)
  const add = useWrite(async (file: File) => {
    const id = await upload(file, setShare, new AbortController().signal)
    return unwrap(
      api.POST('/api/trees/{tree}/pictures', {
        params: { path: { tree } },
        body: { uploadId: id, ...on },
      }),
    )
  })
  const takeOff = useWrite(
    (image: string) =>
      unwrap(api.DELETE('/api/trees/{tree}/images/{image}', { params: { path: { tree, image } } })),
    () => saved('Taken off. The picture itself stays.'),
  )
  const take = async (files: FileList | null) => {
    for (const file of files ?? []) await add.mutateAsync(file).catch(() => undefined)
    setShare(null)
  }
  return (
    <section
      aria-label="Pictures"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        void take(event.dataTransfer.files)
      }}
    >
      <h3 className="heads flex items-baseline justify-between font-semibold">
        {!isHeaded && 'Pictures'}
        <button type="button" className="act font-normal" onClick={() => picker.current?.click()}>
          {share === null ? 'Put one here' : `Coming in, ${Math.round(share * 100)} of 100`}
        </button>
      </h3>
      <input
        ref={picker}
        type="file"
        multiple
        className="sr-only"
        tabIndex={-1}
        aria-label="Put pictures here"
        accept="image/jpeg,image/png,image/tiff,image/webp,application/pdf"
        onChange={(event) => void take(event.target.files)}
      />
      <ul className="mt-1 flex flex-wrap gap-3">
        {pictures.map((picture) => (
          <li key={picture.imageId} className="group w-[88px] text-[13px]">
            <Link to={path(`pictures/${picture.mediaId}`)} title={picture.title} className="act block">
              {picture.page ? (
                <FaceCut
                  cut={{ page: 0, left: 0, top: 0, width: 1, height: 1 }}
                  media={picture.mediaId}
                  page={picture.page}
                  side={88}
                  label=""
                />
              ) : (
                <span className="block h-[88px] bg-rule/40" aria-hidden />
              )}
              <span className="block truncate">{picture.title}</span>
            </Link>
            <button type="button" className="act" onClick={() => takeOff.mutate(picture.imageId)}>
              Remove
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
