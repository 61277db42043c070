import { useEffect, useState } from 'react'
import { kept } from './kept'

type Theme = 'light' | 'dark'
const KEY = 'attune-theme'

const wanted = (): Theme => {
  const before = kept.get(KEY)
  if (before === 'light' || before === 'dark') return before
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

/** The theme in force, kept on this device. */
export function useTheme(): [Theme, () => void] {
  const [theme, setTheme] = useState<Theme>(wanted)
  useEffect(() => {
    document.documentElement.dataset.theme = theme
  }, [theme])
  const turn = () => {
    const next = theme === 'light' ? 'dark' : 'light'
    kept.set(KEY, next)
    setTheme(next)
  }
  return [theme, turn]
}
