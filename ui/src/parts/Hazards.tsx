import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { hazardsQuery } from '../api/queries'
import { sentences } from '../words/lists'
import { phrase } from './phrase'
import { say } from './words'

type Hazard = Schemas['Hazard']

/** The GHS pictograms, drawn here: black on white in a red diamond, as the system asks. */
const signs: Record<string, { name: string; art: ReactNode }> = {
  flame: {
    name: phrase('flame'),
    art: (
      <path d="M32 46C24 46 21 41 22 36C23 31 28 29 27 21C33 24 34 28 33 32C36 31 36 28 36 26C41 30 44 35 42 40C41 44 37 46 32 46Z" />
    ),
  },
  'flame-over-circle': {
    name: phrase('flame-over-circle'),
    art: (
      <>
        <circle cx="32" cy="39" r="6.5" fill="none" stroke="#000" strokeWidth="3" />
        <path d="M32 31C27 31 25 28 26 25C27 22 30 21 29 16C33 18 34 21 33 23C35 22 35 21 35 20C38 22 39 26 38 28C37 30 35 31 32 31Z" />
      </>
    ),
  },
  'gas-bottle': {
    name: phrase('gas-bottle'),
    art: <path d="M18 36L38 24Q43 22 45 26T43 33L23 44Q19 46 17 42T18 36ZM15 38L12 40L15 45L18 43Z" />,
  },
  corrosion: {
    name: phrase('corrosion'),
    art: (
      <path
        d="M17 20L29 24L28 27L16 23ZM35 24L47 20L48 23L36 27ZM20 27V31M22 27V33M40 27V32M42 27V34M15 39H27V42H15ZM34 40C38 36 43 38 48 37V44H34Z"
        stroke="#000"
        strokeWidth="1.6"
      />
    ),
  },
  skull: {
    name: phrase('skull-and-crossbones'),
    art: (
      <path
        fillRule="evenodd"
        d="M32 17C39 17 43 21 43 27C43 31 40 33 38 34V38H26V34C24 33 21 31 21 27C21 21 25 17 32 17ZM25.5 25A3 3 0 1 0 31 28A3 3 0 1 0 25.5 25ZM33 28A3 3 0 1 0 38.5 25A3 3 0 1 0 33 28ZM18 40L46 47L45 50L17 43ZM46 40L18 47L19 50L47 43Z"
      />
    ),
  },
  exclamation: {
    name: phrase('exclamation-mark'),
    art: <path d="M28 16H36L34.5 37H29.5ZM32 40.5A3.6 3.6 0 1 1 31.9 40.5Z" />,
  },
  health: {
    name: phrase('health-hazard'),
    art: (
      <path
        fillRule="evenodd"
        d="M32 14A5 5 0 1 1 31.9 14ZM21 46C20 35 23 27 28 26H36C41 27 44 35 43 46H38L36 38L33 42L34 46H30L31 42L28 38L26 46ZM32 28L33.4 31.6L37.2 30.2L35.2 33.6L38.6 35.6L34.6 36.2L34.8 40L32 37.4L29.2 40L29.4 36.2L25.4 35.6L28.8 33.6L26.8 30.2L30.6 31.6Z"
      />
    ),
  },
  environment: {
    name: phrase('environment'),
    art: (
      <path d="M14 45H50V46.6H14ZM22 45L24 32L19 26L20.4 24.8L25 29V20L27 20L28 27L32 23L33 24.4L28.4 30L30 45ZM32 42Q38 35 44 39L48 36V43L44 41Q38 46 32 42Z" />
    ),
  },
}

export function Pictogram({ code }: { code: string }) {
  const sign = signs[code]
  if (!sign) return null
  return (
    <svg
      viewBox="0 0 64 64"
      width="44"
      height="44"
      role="img"
      aria-label={phrase('hazard-sign', { name: sign.name })}
      className="shrink-0"
    >
      <path d="M32 3L61 32L32 61L3 32Z" fill="#fff" stroke="#c8102e" strokeWidth="4" />
      <g fill="#000">{sign.art}</g>
    </svg>
  )
}

/** A product's hazards: signs once each, statements, and what they ask of the hands and the air. */
export function HazardList({ hazards }: { hazards: Hazard[] }) {
  if (hazards.length === 0) return null
  const pictograms = [...new Set(hazards.map((h) => h.pictogram))].filter((p) => p !== 'none')
  const signal = ['danger', 'warning'].find((word) => hazards.some((h) => h.signal === word))
  const asks = [
    hazards.some((h) => h.gloves) && phrase('nitrile-gloves'),
    hazards.some((h) => h.air) && phrase('doors-open-no-flame-out'),
  ].filter(Boolean)
  return (
    <div className="flex gap-2 border-l-4 border-l-care pl-3" role="group" aria-label={phrase('hazards')}>
      <span className="flex shrink-0 flex-wrap content-start gap-1">
        {pictograms.map((p) => (
          <Pictogram key={p} code={p} />
        ))}
      </span>
      <span className="text-note">
        {signal && <strong className="narrow block text-body font-bold uppercase">{say(signal)}</strong>}
        {asks.length > 0 && <strong className="block text-body font-semibold">{sentences(asks)}</strong>}
        {hazards.map((h) => (
          <span key={h.code} className="block">
            {h.statement} <span className="text-faint">({h.code})</span>
          </span>
        ))}
        <span className="block text-faint">{phrase('the-safety-data-sheet-has')}</span>
      </span>
    </div>
  )
}

/** The hazards of products where they are used. */
export function HazardsOf({ productIds }: { productIds: (string | undefined)[] }) {
  const all = useQuery(hazardsQuery)
  const known = [...new Set(productIds)].flatMap((id) => (id ? (all.data?.[id] ?? []) : []))
  const once = [...new Map(known.map((h) => [h.code, h])).values()]
  return <HazardList hazards={once} />
}
