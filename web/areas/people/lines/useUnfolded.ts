import { useState } from 'react'

const KEY = 'pedigree unfolded'

/** Whether the pedigree stands beneath the kin strip; it stays so from person to person. */
export function useUnfolded(): [boolean, () => void] {
  const [isUnfolded, setUnfolded] = useState(() => localStorage.getItem(KEY) === 'yes')
  return [
    isUnfolded,
    () => {
      localStorage.setItem(KEY, isUnfolded ? 'no' : 'yes')
      setUnfolded(!isUnfolded)
    },
  ]
}
