import { useEffect, useState } from 'react'

type Theme = 'light' | 'dark'
const KEY = 'attune-theme'

const wanted = (): Theme => {
  const kept = localStorage.getItem(KEY)
  if (kept === 'light' || kept === 'dark') return kept
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
    localStorage.setItem(KEY, next)
    setTheme(next)
  }
  return [theme, turn]
}
