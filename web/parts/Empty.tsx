import type { ReactNode } from 'react'

/** What will stand on an empty screen, and the first step. */
export function Empty({ says, children }: { says: string; children?: ReactNode }) {
  return (
    <div className="max-w-[560px] py-10">
      <p className="font-serif text-[20px] leading-snug">{says}</p>
      {children && <div className="mt-4 flex gap-5">{children}</div>}
    </div>
  )
}
