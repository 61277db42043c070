import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Schemas } from '../api/client'
import { Button, OneOf } from '../parts/controls'
import { phrase } from './phrase'

type Patch = Schemas['PatchView']
export type Patches = Schemas['ClothPatches']

type Kind = 'clean' | 'face' | 'trim'
type Placed = Patch & { kind: Kind }

const names: Record<Kind, string> = { clean: phrase('clean-cloth-within'), face: 'face', trim: 'trim' }
const usual = 0.12
const step = 0.02

const within = (v: number, size: number) => Math.min(1 - size, Math.max(0, v))

/** A photo with the parts to read laid on it: a tap places one, dragging or arrow keys move it. */
export function PickPatches(props: { photo: File; busy: boolean; onRead: (patches: Patches) => void }) {
  const [kind, setKind] = useState<Kind>('clean')
  const [placed, setPlaced] = useState<Placed[]>([])
  const [url] = useState(() => URL.createObjectURL(props.photo))
  const [broken, setBroken] = useState(false)
  const box = useRef<HTMLDivElement>(null)
  const held = useRef<number | null>(null)
  const where = (e: PointerEvent) => {
    const r = box.current!.getBoundingClientRect()
    return { x: (e.clientX - r.left) / r.width, y: (e.clientY - r.top) / r.height }
  }
  const move = (at: number, x: number, y: number) =>
    setPlaced((before) =>
      before.map((p, i) => (i === at ? { ...p, x: within(x, p.w), y: within(y, p.h) } : p)),
    )
  const place = (x: number, y: number) => {
    const patch = {
      kind,
      x: within(x - usual / 2, usual),
      y: within(y - usual / 2, usual),
      w: usual,
      h: usual,
    }
    const others = kind === 'face' ? placed : placed.filter((p) => p.kind !== kind)
    setPlaced([...others, patch])
    if (kind === 'clean') setKind('face')
  }
  const clean = placed.find((p) => p.kind === 'clean')
  const faces = placed.filter((p) => p.kind === 'face')
  const nameOf = (p: (typeof placed)[number]) =>
    p.kind === 'face'
      ? phrase('numbered', { name: names[p.kind], number: faces.indexOf(p) + 1 })
      : names[p.kind]
  const trim = placed.find((p) => p.kind === 'trim')
  const bare = ({ x, y, w, h }: Placed): Patch => ({ x, y, w, h })
  if (broken) return <p role="alert">{phrase('this-file-cannot-be-shown')}</p>
  return (
    <div className="grid gap-3">
      <OneOf
        label={phrase('tap-the-photo-to-lay')}
        value={kind}
        options={[
          { value: 'clean', label: phrase('clean-cloth') },
          { value: 'face', label: phrase('wiped-face') },
          { value: 'trim', label: phrase('trim') },
        ]}
        onChange={(k) => setKind(k as Kind)}
      />
      <div
        ref={box}
        className="relative touch-none select-none"
        onPointerDown={(e) => {
          if (e.target !== e.currentTarget && !(e.target instanceof HTMLImageElement)) return
          const { x, y } = where(e)
          place(x, y)
        }}
        onPointerMove={(e) => {
          if (held.current === null) return
          const { x, y } = where(e)
          move(held.current, x - usual / 2, y - usual / 2)
        }}
        onPointerUp={() => (held.current = null)}
        onPointerLeave={() => (held.current = null)}
      >
        <img
          src={url}
          alt={phrase('the-photo-to-be-read')}
          draggable={false}
          onLoad={() => URL.revokeObjectURL(url)}
          onError={() => setBroken(true)}
          className="block w-full"
        />
        {placed.map((p, i) => (
          <button
            key={i}
            type="button"
            aria-label={phrase('arrow-keys-move-it-delete', {
              name: nameOf(p),
            })}
            onPointerDown={() => (held.current = i)}
            onKeyDown={(e: KeyboardEvent) => {
              const by: Record<string, [number, number]> = {
                ArrowLeft: [-step, 0],
                ArrowRight: [step, 0],
                ArrowUp: [0, -step],
                ArrowDown: [0, step],
              }
              if (e.key === 'Delete' || e.key === 'Backspace')
                setPlaced((before) => before.filter((_, at) => at !== i))
              const go = by[e.key]
              if (!go) return
              e.preventDefault()
              move(i, p.x + go[0], p.y + go[1])
            }}
            className="absolute cursor-move border-3 border-paper bg-transparent shadow-[0_0_0_2px_var(--ink)]"
            style={{
              left: `${p.x * 100}%`,
              top: `${p.y * 100}%`,
              width: `${p.w * 100}%`,
              height: `${p.h * 100}%`,
            }}
          >
            <span className="narrow absolute bottom-full left-0 bg-ink px-1 text-note whitespace-nowrap text-paper">
              {nameOf(p)}
            </span>
          </button>
        ))}
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => place(0.5, 0.5)}>{phrase('lay-it-in-the-middle')}</Button>
        <Button
          weight="main"
          disabled={!clean || faces.length === 0 || props.busy}
          onClick={() =>
            clean &&
            props.onRead({ clean: bare(clean), faces: faces.map(bare), trim: trim ? bare(trim) : undefined })
          }
        >
          {phrase('read-the-photo')}
        </Button>
      </div>
      {(!clean || faces.length === 0) && (
        <p className="text-note text-faint">{phrase('lay-one-part-on-clean')}</p>
      )}
    </div>
  )
}
