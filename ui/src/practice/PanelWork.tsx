import { useEffect, useRef, useState } from 'react'
import { Button, OneOf } from '../parts/controls'
import { clock, lasting } from '../parts/words'
import { Facts } from './AskCard'
import { lookOf, paint } from './draw'
import {
  cellCount,
  columns,
  copy,
  does,
  faceColour,
  found,
  moistureAt,
  rows,
  type Deed,
  type HandWork,
  type Panel,
} from './model'
import { band, Stroke } from './strokes'
import { phrase } from './phrase'

type Run = { panel: Panel; deeds: Deed[] }

type Hand = 'lay' | 'work' | 'wipe' | 'blot' | 'mist' | 'blow' | 'vacuum'
type Wetness = 'damp' | 'lay' | 'soak'

const hands: Record<Hand, { label: string; key: string; hint: string }> = {
  vacuum: { label: phrase('vacuum'), key: 'v', hint: phrase('takes-dry-dust') },
  lay: { label: phrase('lay'), key: 'l', hint: phrase('puts-the-cleaner-on-its') },
  work: { label: phrase('work'), key: 'w', hint: phrase('a-stroke-over-each-place') },
  mist: { label: phrase('mist'), key: 'm', hint: phrase('keeps-what-lies-there-wet') },
  wipe: { label: phrase('wipe'), key: 'i', hint: phrase('takes-what-came-loose-onto') },
  blow: { label: phrase('blow'), key: 'o', hint: phrase('drives-dust-and-water-off') },
  blot: { label: phrase('blot'), key: 'b', hint: phrase('takes-liquid-up-without') },
}

/** A panel under the hand: what is done is done by pointer, by touch, or by keys. */
export function PanelWork(props: {
  work: HandWork
  onDone: (deeds: Deed[], panel: Panel) => void
  busy: boolean
}) {
  const { work } = props
  const [{ panel, deeds }, setRun] = useState<Run>(() => ({ panel: found(work), deeds: [] }))
  const canvas = useRef<HTMLCanvasElement>(null)
  const stroke = useRef<Stroke>(undefined)
  const gathered = useRef<number[]>([])
  const [hand, setHand] = useState<Hand>('lay')
  const [means, setMeans] = useState<number>()
  const [wetness, setWetness] = useState<Wetness>('lay')
  const [lamp, setLamp] = useState(false)
  const [dipped, setDipped] = useState(false)
  const [at, setAt] = useState(Math.floor(rows / 2) * columns + Math.floor(columns / 2))
  const needsMeans = hand === 'lay' || hand === 'work'
  const ready = !needsMeans || means !== undefined

  const act = (deed: Deed) =>
    setRun((run) => {
      const next = copy(run.panel)
      does(work, next, deed)
      return { panel: next, deeds: [...run.deeds, deed] }
    })
  const touch = (cells: number[]) => {
    if (ready && cells.length > 0)
      act({ act: hand === 'lay' ? wetness : hand, means: means ?? 0, cells, seconds: 0 })
  }
  useEffect(() => {
    if (canvas.current) paint(canvas.current, { ...lookOf(work, panel), lamp })
  }, [lamp, panel, work])
  useEffect(() => {
    let frame = 0
    const tick = () => {
      if (gathered.current.length > 0) {
        const cells = gathered.current
        gathered.current = []
        touch(cells)
      }
      frame = requestAnimationFrame(tick)
    }
    frame = requestAnimationFrame(tick)
    return () => cancelAnimationFrame(frame)
  })

  const cellOf = (e: React.PointerEvent<HTMLCanvasElement>) => {
    const box = e.currentTarget.getBoundingClientRect()
    const column = Math.floor(((e.clientX - box.left) / box.width) * columns)
    const row = Math.floor(((e.clientY - box.top) / box.height) * rows)
    return Math.min(rows - 1, Math.max(0, row)) * columns + Math.min(columns - 1, Math.max(0, column))
  }
  const goOver = (e: React.PointerEvent<HTMLCanvasElement>) => {
    const cell = cellOf(e)
    setAt(cell)
    if (stroke.current) gathered.current.push(...stroke.current.to(cell))
  }
  const onKey = (e: React.KeyboardEvent) => {
    const moves: Record<string, number> = {
      ArrowLeft: -1,
      ArrowRight: 1,
      ArrowUp: -columns,
      ArrowDown: columns,
    }
    const move = moves[e.key]
    if (move !== undefined) {
      e.preventDefault()
      const next = at + move
      const sideways = Math.abs(move) === 1
      if (next < 0 || next >= cellCount) return
      if (sideways && Math.floor(next / columns) !== Math.floor(at / columns)) return
      setAt(next)
      if (e.shiftKey) {
        stroke.current ??= new Stroke()
        touch(stroke.current.to(next))
      }
      return
    }
    if (e.key === ' ' || e.key === 'Enter') {
      e.preventDefault()
      touch(new Stroke().to(at))
    } else if (e.key === 'r') {
      touch(band(at))
    } else if (e.key === 'a') {
      touch(everywhere)
    } else {
      const picked = (Object.keys(hands) as Hand[]).find((h) => hands[h].key === e.key)
      if (picked) setHand(picked)
    }
  }
  const wet = panel.laid.filter((l) => l >= 0).length
  const dwell = means === undefined ? 0 : work.means[means]!.dwellS
  return (
    <div className="grid gap-3 lg:grid-cols-[minmax(0,41rem)_minmax(0,1fr)]">
      <div className="grid content-start gap-2">
        <OneOf
          label={phrase('in-your-hand')}
          value={hand}
          options={(Object.keys(hands) as Hand[])
            .filter((h) => h !== 'vacuum' || work.dust >= 0)
            .map((value) => ({ value, label: hands[value].label, hint: hands[value].hint }))}
          onChange={(value) => setHand(value as Hand)}
        />
        <div className="relative">
          <canvas
            ref={canvas}
            width={columns * 30}
            height={rows * 30}
            tabIndex={0}
            role="application"
            aria-label={phrase('the-panel-arrows-move-the')}
            aria-describedby="panel-says"
            className="block aspect-[3/2] w-full touch-none rounded-piece border border-line"
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId)
              stroke.current = new Stroke()
              goOver(e)
            }}
            onPointerMove={goOver}
            onPointerUp={() => (stroke.current = undefined)}
            onPointerCancel={() => (stroke.current = undefined)}
            onKeyDown={onKey}
            onKeyUp={(e) => e.key === 'Shift' && (stroke.current = undefined)}
          />
          <span
            aria-hidden="true"
            className="pointer-events-none absolute border-2 border-focus mix-blend-difference"
            style={{
              left: `${(((at % columns) - 1) / columns) * 100}%`,
              top: `${((Math.floor(at / columns) - 1) / rows) * 100}%`,
              width: `${(3 / columns) * 100}%`,
              height: `${(3 / rows) * 100}%`,
            }}
          />
        </div>
        <p id="panel-says" role="status" className="text-note">
          {ready ? (
            <>
              {phrase('gone-cleaner-lies-on-the', {
                seconds: clock(panel.seconds),
                percent: Math.round((100 * wet) / cellCount),
                shows: Math.round(moistureAt(work, panel, at)),
              })}
            </>
          ) : (
            <strong>{phrase('choose-what-you-clean-it')}</strong>
          )}
        </p>
        <div className="flex flex-wrap items-center gap-2">
          {[10, 30, 120, 900].map((s) => (
            <Button key={s} onClick={() => act({ act: 'wait', means: 0, cells: [], seconds: s })}>
              {phrase('wait-so-long', { wait: lasting(s) })}
            </Button>
          ))}
          {dwell > 0 && (
            <Button onClick={() => act({ act: 'wait', means: 0, cells: [], seconds: dwell })}>
              {phrase('let-it-sit-s', { dwell })}
            </Button>
          )}
        </div>
      </div>
      <div className="grid content-start gap-3">
        <Facts facts={work.facts} />
        <fieldset className="grid gap-1.5">
          <legend className="text-note font-semibold text-faint">{phrase('what-you-clean-it-with')}</legend>
          {work.means.map((m, i) => (
            <label
              key={m.text}
              className={`flex min-h-12 items-center gap-3 rounded-piece border p-2 ${means === i ? 'border-needle' : 'border-line'}`}
            >
              <input
                type="radio"
                name="means"
                className="size-5 shrink-0 accent-needle"
                checked={means === i}
                onChange={() => {
                  setMeans(i)
                  setDipped(false)
                }}
              />
              <span className="text-note font-semibold">{m.text}</span>
            </label>
          ))}
        </fieldset>
        <OneOf
          label={phrase('how-wet')}
          value={wetness}
          options={[
            { value: 'damp', label: phrase('thin') },
            { value: 'lay', label: phrase('as-meant') },
            { value: 'soak', label: phrase('until-it-runs') },
          ]}
          onChange={(value) => setWetness(value as Wetness)}
        />
        <div className="flex flex-wrap items-center gap-2">
          <Button aria-pressed={lamp} onClick={() => setLamp(!lamp)}>
            {lamp ? phrase('lamp-away') : phrase('lamp-from-the-side')}
          </Button>
          <Button disabled={means === undefined} onClick={() => setDipped(true)}>
            {phrase('dip-the-pen')}
          </Button>
          {dipped && means !== undefined && (
            <span role="status" className="text-note font-semibold">
              {work.means[means]!.ph
                ? phrase('ph', { ph: work.means[means]!.ph })
                : phrase('the-pen-shows-nothing-it')}
            </span>
          )}
        </div>
        <div className="flex items-center gap-3">
          <span
            role="img"
            aria-label={phrase('the-face-of-the-cloth', { faces: panel.faces })}
            className="block size-14 rounded-piece border border-ink"
            style={{ background: faceColour(work, panel) }}
          />
          <div className="grid text-note">
            <span>{phrase('face-of-the-cloth', { faces: panel.faces })}</span>
            <Button className="mt-1" onClick={() => act({ act: 'turn', means: 0, cells: [], seconds: 0 })}>
              {phrase('a-clean-face')}
            </Button>
          </div>
        </div>
        <Button
          weight="main"
          className="min-h-14"
          disabled={props.busy}
          onClick={() => props.onDone(deeds, panel)}
        >
          {phrase('done-show-me-what-i')}
        </Button>
      </div>
    </div>
  )
}

const everywhere = Array.from({ length: cellCount }, (_, i) => i)
