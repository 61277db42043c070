import { useEffect, useRef } from 'react'

const TOUCHES = ['pointerdown', 'keydown', 'wheel'] as const

/** Calls once nobody has touched the device for a while; counts anew from each touch. */
export function useIdle(afterMs: number | undefined, onIdle: () => void) {
  const idle = useRef(onIdle)
  useEffect(() => {
    idle.current = onIdle
  })
  useEffect(() => {
    if (afterMs === undefined) return
    let timer = setTimeout(() => idle.current(), afterMs)
    const touched = () => {
      clearTimeout(timer)
      timer = setTimeout(() => idle.current(), afterMs)
    }
    TOUCHES.forEach((kind) => window.addEventListener(kind, touched, { passive: true, capture: true }))
    return () => {
      clearTimeout(timer)
      TOUCHES.forEach((kind) => window.removeEventListener(kind, touched, { capture: true }))
    }
  }, [afterMs])
}
