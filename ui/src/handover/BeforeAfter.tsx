import { useState } from 'react'
import type { Schemas } from '../api/client'
import { phrase } from './phrase'

type Handover = Schemas['HandoverView']

/** Photos of the work: before and after under one slider, halves side by side. */
export function Pictures({ handover, src }: { handover: Handover; src: (photo: string) => string }) {
  return (
    <div className="grid gap-4 md:grid-cols-2 print:grid-cols-2">
      {handover.pairs.map((pair) => (
        <BeforeAfter key={pair.found + pair.done} pair={pair} src={src} />
      ))}
      {handover.halves.map((half) => (
        <figure key={half.photo} className="break-inside-avoid">
          <img
            src={src(half.photo)}
            alt={half.label}
            width={half.width}
            height={half.height}
            loading="lazy"
            className="w-full bg-piece"
          />
          <figcaption className="text-note text-faint">{half.label}</figcaption>
        </figure>
      ))}
    </div>
  )
}

function BeforeAfter({ pair, src }: { pair: Schemas['BeforeAfter']; src: (photo: string) => string }) {
  const [share, setShare] = useState(50)
  return (
    <figure className="break-inside-avoid">
      <div
        className="relative overflow-hidden bg-piece print:hidden"
        style={{ aspectRatio: `${pair.width} / ${pair.height}` }}
      >
        <img
          src={src(pair.done)}
          alt={phrase('named-done', { label: pair.label })}
          className="absolute inset-0 size-full object-cover"
        />
        <img
          src={src(pair.found)}
          alt={phrase('named-as-found', { label: pair.label })}
          className="absolute inset-0 size-full object-cover"
          style={{ clipPath: `inset(0 ${100 - share}% 0 0)` }}
        />
        <div
          className="absolute inset-y-0 w-1 -translate-x-1/2 bg-paper outline outline-1 outline-ink"
          style={{ left: `${share}%` }}
          aria-hidden="true"
        />
        <span className="absolute top-1 left-1 bg-paper/90 px-1.5 text-note">{phrase('as-found')}</span>
        <span className="absolute top-1 right-1 bg-paper/90 px-1.5 text-note">{phrase('done')}</span>
      </div>
      <div className="hidden grid-cols-2 gap-1 print:grid">
        <img src={src(pair.found)} alt="" className="w-full" />
        <img src={src(pair.done)} alt="" className="w-full" />
      </div>
      <label className="print:hidden">
        <span className="sr-only">{phrase('how-much-of-it-as', { label: pair.label })}</span>
        <input
          type="range"
          min={0}
          max={100}
          value={share}
          onChange={(e) => setShare(Number(e.target.value))}
          className="h-11 w-full accent-needle"
        />
      </label>
      <figcaption className="text-note text-faint">
        {phrase('as-found-and-done', { label: pair.label })}
      </figcaption>
    </figure>
  )
}
