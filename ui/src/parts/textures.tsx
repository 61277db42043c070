import type { ReactNode } from 'react'

const line = { stroke: 'var(--ink)', strokeOpacity: 0.34, strokeWidth: 0.9, fill: 'none' } as const
const dot = { fill: 'var(--ink)', fillOpacity: 0.34 } as const

type Texture = { size: number; art: ReactNode }

/** How each kind of finish is drawn; see docs/design.md. */
const textures: Record<string, Texture> = {
  pebble: {
    size: 14,
    art: (
      <path
        {...line}
        d="M2 3q3 -3 5 0q1 3 -2 4q-4 0 -3 -4ZM9 2q3 -1 4 2q0 3 -3 3q-3 -1 -1 -5ZM3 9q4 -1 5 2q0 3 -4 2q-3 -1 -1 -4ZM10 9q3 0 3 3q-2 2 -4 0q-1 -2 1 -3Z"
      />
    ),
  },
  broken: {
    size: 18,
    art: (
      <path {...line} d="M2 4q3 -3 5 0q1 3 -2 4M11 3q3 -1 4 2M3 12q4 -1 5 2M1 9L7 11L9 8L17 12M11 17L13 12" />
    ),
  },
  pores: { size: 9, art: <path {...dot} d="M2 2h1.2v1.2H2ZM6.5 4.5h1.2v1.2H6.5ZM3.4 7h1.2v1.2H3.4Z" /> },
  nap: { size: 8, art: <path {...line} d="M1 3L3 0.6M5 3.6L7 1.2M2.6 7L4.6 4.6M6.6 7.6L8 5.8" /> },
  emboss: { size: 8, art: <path {...line} d="M2 1.2h4l1.2 2.4L6 6H2L0.8 3.6Z" /> },
  grain: { size: 7, art: <circle {...dot} cx="2" cy="2" r="0.9" /> },
  gleam: { size: 46, art: <path {...line} d="M-4 40L40 -4M6 46L46 6" strokeWidth="2.2" /> },
  soft: { size: 10, art: <circle {...dot} cx="5" cy="5" r="0.45" /> },
  print: { size: 12, art: <path {...line} d="M3 3h5v5H3Z" /> },
  scan: { size: 5, art: <path {...line} d="M0 2.5H5" /> },
  wood: { size: 30, art: <path {...line} d="M0 5q8 -5 15 0t15 0M0 14q8 4 15 0t15 0M0 24q8 -6 15 -1t15 1" /> },
  brushed: { size: 6, art: <path {...line} d="M0 1.5H4M2 4.5H6" /> },
  loops: { size: 8, art: <path {...line} d="M0 6q2 -6 4 0q2 -6 4 0" /> },
  woven: { size: 8, art: <path {...line} d="M0 2H4M4 6H8M2 4V8M6 0V4" /> },
  stipple: { size: 6, art: <path {...dot} d="M1 1h.9v.9H1ZM4 3h.9v.9H4ZM2 5h.9v.9H2Z" /> },
  chevron: { size: 8, art: <path {...line} d="M0 2L4 6L8 2" /> },
  ribs: { size: 7, art: <path {...line} d="M3.5 0V7" strokeWidth="1.6" /> },
  query: {
    size: 22,
    art: (
      <path
        {...line}
        strokeWidth="1.3"
        d="M8 8C8 3.5 15 3.8 14.6 8C14.4 10.4 11.4 10.6 11.4 13.4M11.4 16V17.6"
      />
    ),
  },
}

const byFinish: Record<string, string> = {
  'leather/coated': 'pebble',
  'leather/coated-worn': 'broken',
  'leather/semi-aniline': 'pores',
  'leather/aniline': 'pores',
  'leather/nubuck': 'nap',
  'vinyl/coated-textile': 'emboss',
  'microsuede/synthetic': 'nap',
  'plastic/textured': 'grain',
  'plastic/exterior-trim': 'grain',
  'plastic/gloss': 'gleam',
  'plastic/soft-touch': 'soft',
  'plastic/printed-controls': 'print',
  'screen/coated': 'scan',
  'screen/clear-lens': 'scan',
  'metal/bright': 'brushed',
  'wood/open-pore': 'wood',
  'wood/lacquered': 'wood',
  'textile/pile': 'loops',
  'textile/flat': 'woven',
  'textile/headliner': 'stipple',
  'textile/webbing': 'chevron',
  'rubber/seal-or-mat': 'ribs',
  'paint/jamb': 'gleam',
}

/** The fill of a finish; an unidentified one carries question marks. */
export const textureOf = (finish: string) => `url(#tex-${byFinish[finish] ?? 'query'})`

export function TextureDefs() {
  return (
    <defs>
      {Object.entries(textures).map(([name, { size, art }]) => (
        <pattern key={name} id={`tex-${name}`} width={size} height={size} patternUnits="userSpaceOnUse">
          {art}
        </pattern>
      ))}
      <pattern id="tex-need" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V6" stroke="var(--under)" strokeWidth="2" strokeOpacity="0.55" />
      </pattern>
      <pattern
        id="tex-beyond"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <path d="M0 0V6" stroke="var(--over)" strokeWidth="2" strokeOpacity="0.5" />
      </pattern>
    </defs>
  )
}

/** A small swatch of a finish, for choosing one. */
export function Swatch({ finish }: { finish: string }) {
  return (
    <svg width="30" height="22" aria-hidden="true" className="shrink-0">
      <rect width="30" height="22" fill="var(--piece)" />
      <rect width="30" height="22" fill={textureOf(finish)} />
      <rect x="0.5" y="0.5" width="29" height="21" fill="none" stroke="var(--ink)" strokeOpacity="0.5" />
    </svg>
  )
}
