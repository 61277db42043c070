import { listed } from '../words/lists'
import {
  useId,
  useLayoutEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type ReactNode,
} from 'react'
import type { Cabin, DrawnPanel, Shape } from './cabin'
import { isFinger, meant } from './finger'
import { Meant } from './Meant'
import { textureOf } from './textures'
import { toward } from './toward'

export type PanelLook = {
  /** Finish code, or undefined while it is not asked. */
  finish?: string
  /** Not asked at all yet: drawn blank with a dashed edge. */
  blank?: boolean
  /** State in words, read out after the panel's name. */
  state: string
  /** How far it is darkened, 0 to 1. */
  shade?: number
  /** In how many pieces it is worked; drawn as stitched cuts. */
  sections?: number
  /** A glyph drawn at the panel's mark. */
  mark?: ReactNode
}

type Props = {
  layout: Cabin
  look: (panel: DrawnPanel) => PanelLook
  picked: ReadonlySet<string>
  onPick: (id: string, more: boolean) => void
  /** Zone to close in on, or undefined for the whole cabin. */
  zone?: string
  /** Called with the panels a finger was drawn across, from the first on; the sheet then does not scroll. */
  onDraw?: (ids: string[]) => void
  label: string
  /** Drawn over the panels and under nothing, in the layout's own measure. */
  over?: ReactNode
}

type Box = [number, number, number, number]
const MARGIN = 14

/** The cabin laid open as a flat pattern; each panel is a button. */
export function CabinSheet({ layout, look, picked, onPick, zone, label, onDraw, over }: Props) {
  const whole = layout.viewBox as Box
  const [box, setBox] = useState<Box>(whole)
  const svg = useRef<SVGSVGElement>(null)

  useLayoutEffect(() => {
    setBox(zone && svg.current ? boxOf(svg.current, zone, whole) : whole)
    // the drawing itself does not change while a layout is shown
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [zone, layout.code])

  const close = whole[2] / box[2]
  const stood = layout.panels.filter((p) => !zone || p.zone === zone)
  const order = stood.map((p) => p.id)
  const [at, setAt] = useState<string>()
  const stop = at && order.includes(at) ? at : (order.find((id) => picked.has(id)) ?? order[0])
  const move = (event: KeyboardEvent) => {
    const from = (event.target as Element).closest<SVGGElement>('[data-panel]')?.dataset.panel
    const to = from && toward(event.key, from, stood)
    if (!to) return
    event.preventDefault()
    svg.current?.querySelector<SVGGElement>(`[data-panel="${to}"]`)?.focus()
  }
  const stroke = useStroke(onDraw)
  const [asked, setAsked] = useState<{ ids: string[]; more: boolean }>()
  /** A finger on small panels is asked which it meant; a pointer says so itself. */
  const tap = (event: MouseEvent, id: string | undefined) => {
    const more = event.shiftKey || event.ctrlKey || event.metaKey
    const ids = isFinger(event) ? meant(event.clientX, event.clientY) : id ? [id] : []
    if (ids.length > 1) setAsked({ ids, more })
    else if (ids[0]) onPick(ids[0], more)
  }
  return (
    <>
      <svg
        ref={svg}
        viewBox={box.join(' ')}
        role="group"
        aria-label={label}
        className={`block h-full max-h-full w-full select-none ${onDraw ? 'touch-none' : 'touch-manipulation'}`}
        {...stroke.handlers}
        onKeyDown={move}
        onClick={
          onDraw
            ? undefined
            : (e) => tap(e, (e.target as Element).closest<SVGGElement>('[data-panel]')?.dataset.panel)
        }
        preserveAspectRatio="xMidYMid meet"
      >
        {layout.panels.map((panel) => (
          <PanelShape
            key={panel.id}
            panel={panel}
            look={look(panel)}
            picked={picked.has(panel.id) || stroke.crossed.includes(panel.id)}
            onPick={onDraw ? noPick : onPick}
            tabStop={panel.id === stop}
            onFocus={() => setAt(panel.id)}
            scale={close}
            across={whole[0] * 2 + whole[2]}
          />
        ))}
        {over}
      </svg>
      {asked && (
        <Meant
          panels={asked.ids.flatMap((id) => layout.panels.filter((p) => p.id === id))}
          onPick={(id) => {
            setAsked(undefined)
            onPick(id, asked.more)
          }}
          onClose={() => setAsked(undefined)}
        />
      )}
    </>
  )
}

const noPick = () => undefined

/** Follows a drawn stroke over panels; a touch keeps its first target, so what lies under it is looked up. */
function useStroke(onDraw: Props['onDraw']) {
  const [crossed, setCrossed] = useState<string[]>([])
  if (!onDraw) return { crossed, handlers: {} }
  const under = (e: PointerEvent) =>
    document.elementFromPoint(e.clientX, e.clientY)?.closest<SVGGElement>('[data-panel]')?.dataset.panel
  const add = (id: string | undefined) =>
    id && setCrossed((before) => (before.includes(id) ? before : [...before, id]))
  const handlers = {
    onPointerDown: (e: PointerEvent) => {
      const first = under(e)
      setCrossed(first ? [first] : [])
    },
    onPointerMove: (e: PointerEvent) => e.buttons > 0 && crossed.length > 0 && add(under(e)),
    onPointerUp: () => {
      if (crossed.length > 0) onDraw(crossed)
      setCrossed([])
    },
    onPointerCancel: () => setCrossed([]),
  }
  return { crossed, handlers }
}

function PanelShape(props: {
  panel: DrawnPanel
  look: PanelLook
  picked: boolean
  onPick: Props['onPick']
  /** Tab stops at one panel of the sheet; the arrow keys go on from it. */
  tabStop: boolean
  onFocus: () => void
  scale: number
  across: number
}) {
  const { panel, look, picked, onPick, scale, across } = props
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    onPick(panel.id, event.shiftKey)
  }
  const [x = 0, y = 0] = panel.at
  const shapes: Shape[] = panel.shapes ?? [{ d: panel.d, mirrored: panel.mirrored }]
  return (
    <g
      role="button"
      tabIndex={props.tabStop ? 0 : -1}
      onFocus={props.onFocus}
      data-panel={panel.id}
      data-zone={panel.zone}
      aria-pressed={picked}
      aria-label={listed(panel.label, look.state)}
      onKeyDown={press}
      className="panel cursor-pointer"
    >
      {shapes.map((shape, i) => (
        <Outline key={i} shape={shape} look={look} picked={picked} across={across} />
      ))}
      {panel.zone === 'own' && (
        <text
          x={x}
          y={y - 18}
          textAnchor="middle"
          fontSize="30"
          fill="var(--ink)"
          stroke="var(--piece)"
          strokeWidth="6"
          paintOrder="stroke"
          pointerEvents="none"
        >
          {panel.label.length > 19 ? `${panel.label.slice(0, 18)}…` : panel.label}
        </text>
      )}
      {look.mark && (
        <g
          transform={`translate(${x} ${panel.zone === 'own' ? y + 22 : y}) scale(${1 / Math.sqrt(scale)})`}
          pointerEvents="none"
        >
          {look.mark}
        </g>
      )}
      <title>{panel.label}</title>
    </g>
  )
}

/** One outline, filled with its finish; a cut one shows only its piece, and a stitched edge at the cut. */
function Outline(props: { shape: Shape; look: PanelLook; picked: boolean; across: number }) {
  const { shape, look, picked, across } = props
  const id = useId()
  const { d, clip } = shape
  const cuts = look.sections && look.sections > 1 ? look.sections : 0
  const body = (
    <>
      <path d={d} fillRule="evenodd" fill={look.blank ? 'var(--paper)' : 'var(--piece)'} />
      {!look.blank && <path d={d} fillRule="evenodd" fill={textureOf(look.finish ?? '')} />}
      {look.shade ? <path d={d} fillRule="evenodd" fill="var(--soil)" fillOpacity={look.shade} /> : null}
      <path
        d={d}
        fillRule="evenodd"
        fill={picked ? 'var(--needle)' : 'transparent'}
        fillOpacity={0.16}
        stroke={picked ? 'var(--needle)' : 'var(--ink)'}
        strokeOpacity={picked ? 1 : look.blank ? 0.55 : 0.8}
        strokeWidth={picked ? 3.5 : 1.4}
        strokeDasharray={look.blank && !picked ? '5 4' : undefined}
        vectorEffect="non-scaling-stroke"
      />
      {cuts > 0 && <Cuts d={d} part={clip} count={cuts} />}
    </>
  )
  return (
    <g transform={shape.mirrored ? `translate(${across} 0) scale(-1 1)` : undefined}>
      {clip ? (
        <>
          <clipPath id={`${id}part`}>
            <rect {...clip} />
          </clipPath>
          <clipPath id={`${id}whole`}>
            <path d={d} clipRule="evenodd" />
          </clipPath>
          <g clipPath={`url(#${id}part)`}>{body}</g>
          <rect
            {...clip}
            clipPath={`url(#${id}whole)`}
            fill="none"
            stroke={picked ? 'var(--needle)' : 'var(--ink)'}
            strokeWidth={picked ? 3 : 1.6}
            strokeDasharray="6 4"
            vectorEffect="non-scaling-stroke"
            pointerEvents="none"
          />
        </>
      ) : (
        body
      )}
    </g>
  )
}

/** Where a panel is cut into sections of like size, across its longer side. */
function Cuts({ d, part, count }: { d: string; part: Shape['clip']; count: number }) {
  const id = useId()
  const path = useRef<SVGPathElement>(null)
  const [box, setBox] = useState(part)
  useLayoutEffect(() => {
    if (!part && path.current) setBox(path.current.getBBox())
  }, [d, part])
  const upright = box && box.height > box.width
  const lines = [...Array(count - 1).keys()].map((i) => (i + 1) / count)
  return (
    <>
      <clipPath id={`${id}cut`}>
        <path ref={path} d={d} clipRule="evenodd" />
      </clipPath>
      {box && (
        <g clipPath={`url(#${id}cut)`} stroke="var(--needle)" strokeDasharray="6 4" pointerEvents="none">
          {lines.map((share) => (
            <line
              key={share}
              x1={upright ? box.x : box.x + share * box.width}
              x2={upright ? box.x + box.width : box.x + share * box.width}
              y1={upright ? box.y + share * box.height : box.y}
              y2={upright ? box.y + share * box.height : box.y + box.height}
              strokeWidth="2.4"
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </g>
      )}
    </>
  )
}

function boxOf(svg: SVGSVGElement, zone: string, whole: Box): Box {
  const parts = [...svg.querySelectorAll<SVGGElement>(`[data-zone="${zone}"]`)].map((g) => g.getBBox())
  if (parts.length === 0) return whole
  const left = Math.min(...parts.map((b) => b.x)) - MARGIN
  const top = Math.min(...parts.map((b) => b.y)) - MARGIN
  const right = Math.max(...parts.map((b) => b.x + b.width)) + MARGIN
  const bottom = Math.max(...parts.map((b) => b.y + b.height)) + MARGIN
  return [left, top, right - left, bottom - top]
}
