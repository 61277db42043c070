import { useEffect, useRef } from 'react'
import { face, clockStart, elapsedOf } from './clocks'
import type { BenchTask } from './run'

const SHORT_S = 0.18
const tones = { wipe: [880], late: [440, 440, 440], waits: [660, 880] } as const

/** Sounds and shakes when a clock needs hands; a device that can do neither shows it all the same. */
export function useAlarms(tasks: BenchTask[], now: number, muted: boolean) {
  const before = useRef(new Map<string, string>())
  const audio = useRef<AudioContext>(undefined)
  useEffect(() => {
    const phases = new Map<string, string>()
    for (const task of tasks) {
      if (!clockStart(task)) continue
      const shown = face(task, elapsedOf(task, now))
      phases.set(task.id, shown.phase === 'waits' && shown.seconds <= 0 ? 'waited' : shown.phase)
    }
    for (const [id, phase] of phases) {
      const was = before.current.get(id)
      if (was === undefined || was === phase || muted) continue
      if (phase === 'wipe') sound(audio, tones.wipe)
      if (phase === 'late') sound(audio, tones.late)
      if (phase === 'waited') sound(audio, tones.waits)
    }
    before.current = phases
  }, [tasks, now, muted])
}

function sound(audio: { current: AudioContext | undefined }, notes: readonly number[]) {
  navigator.vibrate?.(notes.flatMap(() => [200, 100]))
  if (typeof AudioContext === 'undefined') return
  audio.current ??= new AudioContext()
  const at = audio.current
  notes.forEach((hz, i) => {
    const note = at.createOscillator()
    const loud = at.createGain()
    loud.gain.value = 0.2
    note.frequency.value = hz
    note.connect(loud).connect(at.destination)
    note.start(at.currentTime + i * SHORT_S * 2)
    note.stop(at.currentTime + i * SHORT_S * 2 + SHORT_S)
  })
}
