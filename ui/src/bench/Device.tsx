import { Bell, BellOff } from 'lucide-react'
import { useState } from 'react'
import { Button } from '../parts/controls'
import { kept } from '../parts/kept'
import { phrase } from './phrase'

const USUAL = 'PageDown'
const named: Record<string, string> = { PageDown: phrase('page-down'), ' ': phrase('space') }

/** How this device behaves at the bench: sound, and the key a pedal sends. */
export function useDevice() {
  const [muted, setMuted] = useState(() => kept.get('attune.muted') === 'yes')
  const [nextKey, setNextKey] = useState(() => kept.get('attune.next-key') ?? USUAL)
  return {
    muted,
    nextKey,
    onMute: (quiet: boolean) => {
      kept.set('attune.muted', quiet ? 'yes' : 'no')
      setMuted(quiet)
    },
    onNextKey: (key: string) => {
      kept.set('attune.next-key', key)
      setNextKey(key)
    },
  }
}

export function Device(props: ReturnType<typeof useDevice>) {
  const [binding, setBinding] = useState(false)
  return (
    <>
      <Button
        weight="quiet"
        className="-ml-4 min-h-12"
        aria-pressed={props.muted}
        onClick={() => props.onMute(!props.muted)}
      >
        {props.muted ? <BellOff size={18} aria-hidden="true" /> : <Bell size={18} aria-hidden="true" />}
        {props.muted ? phrase('muted') : phrase('sound-is-on')}
      </Button>
      <Button
        weight="quiet"
        className="-ml-4 min-h-12 max-md:hidden"
        onClick={() => setBinding(true)}
        onBlur={() => setBinding(false)}
        onKeyDown={(e) => {
          if (!binding || e.key === 'Tab') return
          e.preventDefault()
          if (e.key !== 'Escape') props.onNextKey(e.key)
          setBinding(false)
        }}
      >
        {binding
          ? phrase('press-the-pedal-or-a')
          : phrase('pedal-or-key-for-the', { named: named[props.nextKey] ?? props.nextKey })}
      </Button>
    </>
  )
}
