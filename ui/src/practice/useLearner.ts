import { useState } from 'react'
import { kept } from '../parts/kept'

const key = 'attune.practice.who'

/** Who learns on this device. */
export function useLearner() {
  const [who, choose] = useState(() => kept.get(key) ?? '')
  const setWho = (name: string) => {
    choose(name)
    kept.set(key, name || undefined)
  }
  return [who, setWho] as const
}
