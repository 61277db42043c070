import { Pin } from 'lucide-react'
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { localOf, nowMs } from '../api/clock'
import { dayOf, Say, timeOf, placed } from '../parts/words'
import {
  lanesOf,
  marks,
  minutesBetween,
  plusMinutes,
  snapped,
  type Bar,
  type Placed,
  type Table,
  type Task,
} from './layout'
import { listed } from '../words/lists'
import { phrase } from './phrase'

const ROW = 92
const LEAST_PX = 1.2
const STEP_MIN = 5
const DRAG_PX = 4
/** From how wide on words are written in a block, upright and across. */
const UPRIGHT_PX = 12
const WORDS_PX = 64
/** A letter of a word that is not broken. */
const LETTER_PX = 7

/** What a task is: its step, or what is said of a part on order. */
const what = (task: Task) => task.about ?? Say(task.step)

export const said = (task: Task) => placed(what(task), task.where)

const saidBar = (bar: Bar) => placed(bar.what, bar.where)

/** A block in one sentence, for who hears it. */
const spoken = (bar: Bar) =>
  listed(
    saidBar(bar),
    phrase('from-to', { start: timeOf(bar.start), end: timeOf(bar.end) }),
    bar.who ?? phrase('nobody-needed'),
    bar.hands !== undefined && !bar.rest && phrase('minutes-hands-on', { hands: Math.round(bar.hands) }),
    bar.pinned && phrase('kept-there-by-hand'),
    bar.decides && phrase('decides-when-it-is-ready'),
  )

type Props = {
  table: Table
  by: 'person' | 'zone'
  zoom: number
  picked: string | undefined
  moved: Set<string>
  onPick: (id: string) => void
  onMove: (id: string, start: string) => void
}

/** Every visit as a strip of lanes; blocks are dragged, or moved with Alt and the arrow keys. */
export function Lanes(props: Props) {
  const { table, picked, onPick, onMove } = props
  const box = useRef<HTMLDivElement>(null)
  const hands = table.blocks
  useEffect(() => {
    box.current
      ?.querySelector(`[data-block="${picked}"]`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [picked])
  const onKey = (e: KeyboardEvent) => {
    const at = hands.findIndex((t) => t.id === picked)
    const task = hands[at]
    const steps: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }
    const step = steps[e.key]
    if (!step) return
    e.preventDefault()
    if (e.altKey && task && !task.rest) {
      onMove(task.id, plusMinutes(snapped(task.start, STEP_MIN), step * STEP_MIN))
      return
    }
    const next = hands[Math.min(hands.length - 1, Math.max(0, at + step))]
    if (next) onPick(next.id)
  }
  return (
    <div
      ref={box}
      role="listbox"
      aria-label={props.by === 'person' ? phrase('blocks-by-person') : phrase('blocks-by-zone')}
      aria-activedescendant={picked ? `block-${picked}` : undefined}
      tabIndex={0}
      onKeyDown={onKey}
      className="grid gap-3"
    >
      {table.visits.map((visit) => (
        <Strip key={visit.from} {...props} from={visit.from} until={visit.until} />
      ))}
    </div>
  )
}

/** Minutes as wide as the strip lets them be, times the zoom. */
function useFit(minutes: number, zoom: number) {
  const strip = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(640)
  useEffect(() => {
    if (!strip.current) return
    const watch = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width))
    watch.observe(strip.current)
    return () => watch.disconnect()
  }, [])
  return { strip, px: Math.max(LEAST_PX, (width - 2) / minutes) * zoom }
}

function Strip({ table, by, zoom, from, until, ...props }: Props & { from: string; until: string }) {
  const begin = snapped(plusMinutes(from, -7.5), 15)
  const end = plusMinutes(until, 15)
  const lanes = lanesOf(table, by, begin, end)
  const { strip, px } = useFit(minutesBetween(begin, end), zoom)
  const width = minutesBetween(begin, end) * px
  const now = minutesBetween(begin, localOf(nowMs()))
  return (
    <div className="lying min-w-0 overflow-hidden print:break-inside-avoid">
      <p className="border-b border-line px-2 py-1 text-note font-semibold">
        {phrase('day-from-to', { day: dayOf(from), from: timeOf(from), until: timeOf(until) })}
      </p>
      <div className="flex">
        <div className="w-24 shrink-0 border-r border-line pt-6 md:w-32">
          {lanes.map((lane) => (
            <div
              key={lane.id}
              className="narrow flex items-center border-t border-line px-2 text-note font-semibold"
              style={{ height: lane.rows * rowOf(lane.id) }}
            >
              {lane.label}
            </div>
          ))}
        </div>
        <div
          ref={strip}
          role="group"
          aria-label={dayOf(from)}
          tabIndex={0}
          className="min-w-0 flex-1 overflow-x-auto"
          data-strip
        >
          <div className="relative" style={{ width }}>
            <div className="h-6">
              {marks(begin, end, px).map((m) => (
                <span
                  key={m.at}
                  className="narrow absolute top-0 border-l border-line pl-1 text-note text-faint"
                  style={{ left: m.left * px, height: '100%' }}
                >
                  {timeOf(m.at)}
                </span>
              ))}
            </div>
            {lanes.map((lane) => (
              <div
                key={lane.id}
                className="relative border-t border-line"
                style={{ height: lane.rows * rowOf(lane.id) }}
              >
                {lane.placed.map((p) => (
                  <BarBox key={p.bar.id} {...props} placed={p} px={px} height={rowOf(lane.id)} />
                ))}
              </div>
            ))}
            {now > 0 && now < minutesBetween(begin, end) && (
              <div
                aria-hidden="true"
                className="pointer-events-none absolute inset-y-0 z-20 border-l-2 border-over"
                style={{ left: now * px }}
              >
                <span className="bg-over px-1 text-note font-semibold text-paper">{phrase('now')}</span>
              </div>
            )}
          </div>
        </div>
      </div>
    </div>
  )
}

const rowOf = (lane: string) => (lane === 'waits' ? 24 : ROW)

function BarBox({
  placed: { bar, row, left, width },
  px,
  height,
  picked,
  moved,
  onPick,
  onMove,
}: {
  placed: Placed
  px: number
  height: number
} & Pick<Props, 'picked' | 'moved' | 'onPick' | 'onMove'>) {
  const [dragged, setDragged] = useState<number>()
  const from = useRef<number>(undefined)
  const isPicked = picked === bar.id
  const movable = bar.hands !== undefined && !bar.rest
  const across = width * px > Math.max(WORDS_PX, longestWord(bar) * LETTER_PX)
  const start = (e: PointerEvent<HTMLDivElement>) => {
    if (!movable || e.button !== 0) return
    from.current = e.clientX
    e.currentTarget.setPointerCapture(e.pointerId)
  }
  const drag = (e: PointerEvent) => {
    if (from.current === undefined) return
    const by = e.clientX - from.current
    if (dragged !== undefined || Math.abs(by) > DRAG_PX) setDragged(by)
  }
  const drop = () => {
    if (dragged !== undefined) onMove(bar.id, snapped(plusMinutes(bar.start, dragged / px), STEP_MIN))
    from.current = undefined
    setDragged(undefined)
  }
  return (
    <div
      role="option"
      id={`block-${bar.id}`}
      data-block={bar.id}
      aria-selected={isPicked}
      aria-label={spoken(bar)}
      onClick={() => onPick(bar.id)}
      onPointerDown={start}
      onPointerMove={drag}
      onPointerUp={drop}
      onPointerCancel={drop}
      className={`absolute overflow-hidden rounded-piece border text-note leading-tight ${look(bar, isPicked, moved.has(bar.id))}`}
      style={{
        left: left * px,
        width: Math.max(3, width * px - 1),
        top: row * height + 2,
        height: height - 4,
        transform: dragged === undefined ? undefined : `translateX(${dragged}px)`,
        zIndex: isPicked || dragged !== undefined ? 10 : undefined,
        touchAction: movable ? 'none' : undefined,
      }}
    >
      {height < ROW && width * px > 60 && (
        <span className="narrow block whitespace-nowrap px-1">
          {bar.what} {bar.where}
        </span>
      )}
      {height === ROW && width * px > UPRIGHT_PX && !across && !bar.rest && (
        <span className="narrow block h-full w-full rotate-180 overflow-hidden px-0.5 py-1 leading-tight [writing-mode:vertical-rl]">
          <span className="font-semibold">{bar.where ?? bar.what}</span>
          {bar.where && ` ${bar.what.toLowerCase()}`}
        </span>
      )}
      {height === ROW && across && !bar.rest && (
        <span className="narrow block px-1 py-0.5 break-words hyphens-auto" lang="en">
          {bar.pinned && <Pin size={11} className="inline" aria-hidden="true" />}{' '}
          <span className="font-semibold">{bar.where ?? bar.what}</span>
          {bar.where && <span className={`block ${isPicked ? '' : 'text-faint'}`}>{bar.what}</span>}
        </span>
      )}
    </div>
  )
}

const longestWord = (bar: Bar) =>
  Math.max(...`${bar.where ?? ''} ${bar.what}`.split(/\s+/).map((word) => word.length))

function look(bar: Bar, picked: boolean, moved: boolean): string {
  if (picked) return 'border-needle bg-needle text-on-needle cursor-grab'
  if (bar.hands === undefined) return 'border-dashed border-ink/60 bg-transparent text-faint'
  if (bar.rest) return 'hatched border-transparent text-faint'
  if (moved) return 'border-2 border-needle bg-paper cursor-grab'
  return `cursor-grab border-ink/60 ${bar.decides ? 'border-t-4 border-t-needle' : ''} ${bar.lays ? 'border-b-4 bg-paper' : 'bg-piece'}`
}
