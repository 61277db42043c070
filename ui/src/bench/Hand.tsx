import type { Schemas } from '../api/client'

type About = Schemas['TechniqueView']['about']

/** A line of technique as a small drawing: a few movements that every round is made of. */
export function Hand({ about }: { about: About }) {
  return (
    <svg
      viewBox="0 0 24 24"
      className="mt-0.5 size-6 shrink-0"
      fill="none"
      stroke="var(--needle)"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {drawings[about]}
    </svg>
  )
}

const drawings: Record<About, React.ReactNode> = {
  // a drop onto the tool
  load: <path d="M12 3c3 4 4 5.500 4 7.500a4 4 0 0 1-8 0C8 8.500 9 7 12 3ZM4 20h16M6 17h12" />,
  // there and back, then across
  motion: <path d="M4 8h15m-3-3 3 3-3 3M20 16H5m3-3-3 3 3 3" />,
  // from the edge in
  pattern: <path d="M4 4h16v16H4V8h12v8H8v-4h4" />,
  // a cloth folded to eight, one face turned up
  wipe: <path d="M4 7h16v12H4zM12 7v12M4 13h16M15 7l5-4v4" />,
  // an eye
  look: <path d="M2 12c3-5 6-7 10-7s7 2 10 7c-3 5-6 7-10 7s-7-2-10-7ZM12 9a3 3 0 1 1 0 6 3 3 0 0 1 0-6Z" />,
  // a towel over what lies beside
  shield: <path d="M4 9h16v4c-2 0-2 2-4 2s-2-2-4-2-2 2-4 2-2-2-4-2zM4 20h16" />,
  // a place
  where: (
    <path d="M12 21c5-6 7-9 7-12a7 7 0 0 0-14 0c0 3 2 6 7 12ZM12 6.500a2.500 2.500 0 1 1 0 5 2.500 2.500 0 0 1 0-5Z" />
  ),
}
