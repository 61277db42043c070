import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import type { useDecisions } from './useDecisions'
import { strong } from '../parts/drawn'
import { bottleWords } from './treatmentWords'
import { phrase } from './phrase'

export const results: { value: string; label: string; said: string }[] = [
  { value: 'soil-stays', label: phrase('soil-stays'), said: phrase('soil-stayed') },
  {
    value: 'colour',
    label: phrase('the-trims-own-colour-came'),
    said: phrase('the-trims-own-colour-came-within'),
  },
  { value: 'dulled', label: phrase('it-dulled'), said: phrase('it-dulled-within') },
  { value: 'clean', label: phrase('it-came-clean'), said: phrase('it-came-clean-within') },
]

const said = (code: string) => results.find((r) => r.value === code)?.said ?? code

/** What was worked on this panel already, and what the cloth said of it. */
export function Tried(props: {
  tried: Schemas['TriedView'][]
  names: Map<string, string>
  decisions: ReturnType<typeof useDecisions>
}) {
  const { tried, names, decisions } = props
  if (tried.length === 0) return null
  const name = (n: Schemas['Needles']) =>
    phrase('with', { bottle: bottleWords(n, names), get: names.get(n.toolId) ?? n.toolId })
  return (
    <div className="mt-2 border-l-4 border-l-under pl-3">
      <ul>
        {tried.map((t, i) => (
          <li key={i}>
            {phrase.drawn('tried', { needles: name(t.needles), result: said(t.result), b: strong })}
          </li>
        ))}
      </ul>
      <Button weight="quiet" className="-ml-4" onClick={() => decisions.forget.mutate()}>
        {phrase('nothing-was-tried')}
      </Button>
      {decisions.forget.error && <Trouble error={decisions.forget.error} />}
    </div>
  )
}

/** Asks what the cloth showed after the first rung, and plans anew from it. */
export function DidItWork(props: {
  jobId: string
  surfaceId: string
  needles: Schemas['Needles']
  decisions: ReturnType<typeof useDecisions>
}) {
  const [asking, setAsking] = useState(false)
  const { tried } = props.decisions
  if (!asking)
    return (
      <Button className="px-3" onClick={() => setAsking(true)}>
        {phrase('it-did-not-work')}
      </Button>
    )
  return (
    <div className="mt-2 grid basis-full gap-2 border-l-4 border-l-needle pl-3">
      <p className="font-semibold">{phrase('what-did-the-cloth-show')}</p>
      <div className="flex flex-wrap gap-2">
        {results.map((r) => (
          <Button
            key={r.value}
            disabled={tried.isPending}
            onClick={() =>
              tried.mutate({ needles: props.needles, result: r.value }, { onSuccess: () => setAsking(false) })
            }
          >
            {r.label}
          </Button>
        ))}
        <Link
          to={`/cloth?job=${props.jobId}&surface=${props.surfaceId}`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {phrase('read-the-cloth')}
        </Link>
        <Button weight="quiet" onClick={() => setAsking(false)}>
          {phrase('leave-it')}
        </Button>
      </div>
      {tried.error && <Trouble error={tried.error} />}
    </div>
  )
}
