const FORMATS = ['svg', 'pdf', 'png'] as const

/** A drawing as a file, in each form that there is. */
export function FileLinks({ address }: { address: (format: string) => string }) {
  return FORMATS.map((format) => (
    <a key={format} className="act" href={address(format)} download>
      {format.toUpperCase()}
    </a>
  ))
}
