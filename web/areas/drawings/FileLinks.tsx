const FORMATS = ['svg', 'pdf', 'png'] as const

const PAPERS = ['A4', 'Letter'] as const

/** A drawing as a file, in each form that there is, or on sheets to be put together. */
export function FileLinks({ address }: { address: (format: string) => string }) {
  const tiled = (paper: string) => {
    const pdf = address('pdf')
    return `${pdf}${pdf.includes('?') ? '&' : '?'}paper=${paper}`
  }
  return (
    <>
      {FORMATS.map((format) => (
        <a key={format} className="act" href={address(format)} download>
          {format.toUpperCase()}
        </a>
      ))}
      {PAPERS.map((paper) => (
        <a key={paper} className="act" href={tiled(paper)} download>
          on {paper} sheets
        </a>
      ))}
    </>
  )
}
