import { useEffect, useState } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { clock } from '../parts/words'
import { Facts } from './AskCard'
import { begun, next, type Coat } from './coat'
import type { Deed } from './model'
import { phrase } from './phrase'

type Work = Schemas['CoatWorkView']

const WAITS = [5, 15, 60]

/** A coating under the hand: each area laid and levelled, and the clock that goes on meanwhile. */
export function CoatWork(props: { work: Work; busy: boolean; onDone: (deeds: Deed[]) => void }) {
  const { work, busy } = props
  const [coat, setCoat] = useState<Coat>(() => begun(work))
  const press = (area: number) => setCoat((now) => next(work, now, area))
  const wait = (seconds: number) => setCoat((now) => next(work, now, undefined, seconds))
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.metaKey || e.ctrlKey || e.altKey) return
      const area = '123456789'.indexOf(e.key)
      if (area >= 0 && area < work.areas.length) setCoat((now) => next(work, now, area))
      else if (e.key === 'w') setCoat((now) => next(work, now, undefined, WAITS[0]))
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [work])
  const open = coat.areas.filter((a) => a.levelled === undefined).length
  return (
    <section
      aria-label={phrase('two-seats-to-coat')}
      className="lying grid gap-3 p-3 md:grid-cols-[minmax(0,1fr)_20rem]"
    >
      <div className="grid content-start gap-3">
        <p className="text-head tabular-nums" role="timer">
          {clock(coat.now)}
        </p>
        <ul className="grid grid-cols-2 gap-2">
          {work.areas.map((area, i) => (
            <li key={area.name}>
              <Area
                name={area.name}
                number={i + 1}
                area={coat.areas[i]!}
                work={area}
                now={coat.now}
                onPress={() => press(i)}
              />
            </li>
          ))}
        </ul>
      </div>
      <div className="grid content-start gap-3">
        <Facts facts={work.facts} />
        <div className="grid gap-1">
          <p className="text-note font-semibold">{phrase('wait')}</p>
          <div className="flex flex-wrap gap-2">
            {WAITS.map((seconds) => (
              <Button key={seconds} className="min-h-14 px-4" onClick={() => wait(seconds)}>
                {seconds} s
              </Button>
            ))}
          </div>
        </div>
        <p className="text-note text-faint">{phrase('laying-and-levelling-take-the')}</p>
        <div className="flex flex-wrap gap-2">
          <Button
            weight="main"
            className="min-h-14 px-6"
            disabled={busy}
            onClick={() => props.onDone(coat.deeds)}
          >
            {open > 0 ? phrase('stop-here-open', { open }) : phrase('done')}
          </Button>
          <Button
            className="min-h-14"
            disabled={coat.deeds.length === 0}
            onClick={() => setCoat(begun(work))}
          >
            {phrase('begin-again')}
          </Button>
        </div>
      </div>
    </section>
  )
}

function Area(props: {
  name: string
  number: number
  area: Coat['areas'][number]
  work: Work['areas'][number]
  now: number
  onPress: () => void
}) {
  const { area, work } = props
  const sits = area.laid === undefined ? undefined : props.now - area.laid
  const done = area.levelled !== undefined
  return (
    <button
      type="button"
      disabled={done}
      onClick={props.onPress}
      className={`grid h-full min-h-20 w-full content-start rounded-piece border p-2 text-left ${
        done
          ? 'border-line bg-piece text-faint'
          : sits === undefined
            ? 'border-ink/60 bg-paper'
            : 'border-2 border-needle bg-paper'
      }`}
    >
      <span className="flex justify-between gap-2">
        <span className="font-semibold">{props.name}</span>
        <span className="text-note text-faint" aria-hidden="true">
          {props.number}
        </span>
      </span>
      {done ? (
        <span className="text-note">{phrase('levelled')}</span>
      ) : sits === undefined ? (
        <span className="text-note">{phrase('lay-it-s', { applyS: work.applyS })}</span>
      ) : (
        <>
          <span className="text-do tabular-nums">{phrase('since-laid', { sits: clock(sits) })}</span>
          <span className="text-note">{phrase('level-it-s', { levelS: work.levelS })}</span>
        </>
      )}
      {area.smears > 0 && !done && (
        <span className="text-note text-care">
          {sits === undefined ? phrase('smeared-wiped-too-early') : phrase('laid-anew')}
        </span>
      )}
    </button>
  )
}
