import { useQuery } from '@tanstack/react-query'
import { Columns2 } from 'lucide-react'
import { useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { useMay } from '../crew/door'
import { matchQuery, shelfQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { isState, StateMark } from '../parts/Glyph'
import { Loading, Trouble } from '../parts/Notice'
import { range, Say, say } from '../parts/words'
import { canPut, Compare } from './Compare'
import { Keep } from './Keep'
import { Exposure, Finishing, Ladder } from './Ladder'
import { LeftOut } from './LeftOut'
import { Controls, Rack } from './Rack'
import { Remedies } from './Remedies'
import { SoilPlot } from './SoilPlot'
import { needlesOf, treatmentWords } from './treatmentWords'
import { useDecisions } from './useDecisions'
import { useNeedles, type Needles } from './useNeedles'
import { WhyDialog } from './Why'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

type Match = Schemas['MatchView']
type Names = Map<string, string>

/** A panel's match: the answer and its rack at a glance, all else below. */
export function PanelMatch({ job, surfaceId }: { job: Schemas['JobDetail']; surfaceId: string }) {
  const match = useQuery(matchQuery(job.id, surfaceId))
  if (match.isPending) return <Loading what={phrase('fetching-the-match')} />
  if (match.isError) return <Trouble error={match.error} again={() => void match.refetch()} />
  const { chosen } = match.data
  return <Answer key={chosen ? JSON.stringify(chosen.needles) : 'none'} job={job} match={match.data} />
}

const read = (text: string | null): Needles | undefined => {
  if (!text) return undefined
  try {
    return JSON.parse(text) as Needles
  } catch {
    return undefined
  }
}

/** A panel's match, with needles to hold and treatments to put beside one another. */
function Answer({ job, match }: { job: Schemas['JobDetail']; match: Match }) {
  const { surfaceId } = match
  const [search, setSearch] = useSearchParams()
  const shelf = useQuery(shelfQuery)
  const names = useMemo(() => {
    const all = [...(shelf.data?.products ?? []), ...(shelf.data?.tools ?? [])]
    return new Map(all.map((item) => [item.id, item.name]))
  }, [shelf.data])
  const decisions = useDecisions(job.id, surfaceId)
  const top = useRef<HTMLDivElement>(null)
  const [beside, setBeside] = useState<Needles[]>([])
  const [laid, setLaid] = useState<Needles | undefined>(read(search.get('try')))
  const why = search.get('why')
  const setWhy = (itemId: string | null) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before)
        if (itemId) next.set('why', itemId)
        else next.delete('why')
        return next
      },
      { replace: true },
    )
  const lay = (needles: Needles) => {
    setLaid(needles)
    setWhy(null)
    top.current?.scrollIntoView({ block: 'start' })
  }
  const may = useMay()
  const ladder = (
    <Ladder
      jobId={job.id}
      match={match}
      names={names}
      open={job.state === 'survey' && may('judge')}
      decisions={decisions}
    />
  )
  return (
    <div ref={top} className="grid scroll-mt-2 content-start gap-2">
      {match.chosen ? (
        <Held
          key={laid ? JSON.stringify(laid) : 'own'}
          job={job}
          match={match}
          chosen={match.chosen}
          names={names}
          start={laid}
          decisions={decisions}
          beside={beside}
          onBeside={setBeside}
          ladder={ladder}
        />
      ) : (
        <>
          <Heading match={match} />
          {ladder}
        </>
      )}
      <Compare
        id={job.id}
        revision={job.revision}
        surfaceId={surfaceId}
        beside={beside}
        names={names}
        onTake={lay}
        onRemove={(at) => setBeside(beside.filter((_, i) => i !== at))}
      />
      <div className="grid items-start gap-2 xl:grid-cols-2">
        <Finishing answer={match.answer} names={names} />
        <Cautions cautions={match.answer.cautions} />
        <Exposure answer={match.answer} />
      </div>
      <LeftOut answer={match.answer} names={names} onWhy={setWhy} />
      {why && (
        <WhyDialog
          jobId={job.id}
          surfaceId={surfaceId}
          surface={match.label}
          itemId={why}
          item={names.get(why) ?? Say(why)}
          onTry={lay}
          onClose={() => setWhy(null)}
        />
      )}
    </div>
  )
}

function Heading({ match }: { match: Match }) {
  return (
    <header className="flex flex-wrap items-baseline gap-x-3">
      <h2 className="text-head">{match.label}</h2>
      <p className="text-faint">
        {listed(
          match.finishName,
          match.soilLevel !== 'none' &&
            phrase('soil-of', { level: say(match.soilLevel), soils: allOf(match.soils.map(say)) }),
        )}
      </p>
    </header>
  )
}

/** What stands above the fold: the answer, what is set, the rules and the ladder beside them. */
function Held(props: {
  job: Schemas['JobDetail']
  match: Match
  chosen: Schemas['Reading']
  names: Names
  start: Needles | undefined
  decisions: ReturnType<typeof useDecisions>
  beside: Needles[]
  onBeside: (beside: Needles[]) => void
  ladder: React.ReactNode
}) {
  const { job, match, names, beside, decisions } = props
  const inHand = useNeedles(job.id, job.revision, match.surfaceId, props.chosen, props.start)
  const { needles, moved, reading } = inHand
  const rungs = match.answer.ladder.filter((rung) => !rung.spot).map(needlesOf)
  const stuck = ['over', 'barred', 'under', 'unknown'].includes(reading.outcome)
  return (
    <>
      <div className="grid items-start gap-x-4 gap-y-1 sm:grid-cols-[1fr_13rem] xl:grid-cols-[1fr_14rem_11rem]">
        <div className="grid min-w-0 gap-0.5">
          <Heading match={match} />
          <Said match={match} names={names} needles={needles} reading={reading} />
        </div>
        <SoilPlot soil={reading.soilLeft} passes={reading.passes} />
        <div className="flex flex-wrap items-start gap-2 sm:col-span-2 xl:col-span-1 xl:grid xl:gap-1.5">
          {canPut(beside, needles) && (
            <Button onClick={() => props.onBeside([...beside, needles])} className="px-3">
              <Columns2 size={16} aria-hidden="true" /> {phrase('put-beside')}
            </Button>
          )}
          <Keep
            reading={reading}
            moved={moved}
            byHand={match.byHand}
            decisions={decisions}
            onReset={inHand.reset}
          />
        </div>
      </div>
      <Controls match={match} inHand={inHand} />
      <div className="grid items-start gap-2 xl:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
        <div className="grid gap-2">
          <Rack match={match} rungs={rungs} inHand={inHand} />
          <Reasons reading={reading} />
          {moved && stuck && (
            <Remedies
              id={job.id}
              revision={job.revision}
              surfaceId={match.surfaceId}
              needles={needles}
              onTry={inHand.move}
            />
          )}
        </div>
        {props.ladder}
      </div>
      {match.answer.loss !== undefined && (
        <p className="text-note text-faint">
          {phrase('less-gentle-than-this-panels', { loss: Math.round(match.answer.loss * 100) })}
        </p>
      )}
    </>
  )
}

/** The treatment in words, and what is to be said of it. */
function Said(props: { match: Match; names: Names; needles: Needles; reading: Schemas['Reading'] }) {
  const { match, names, needles, reading } = props
  const { minutes } = match.answer
  const worst = reading.reasons.find((r) => r.text === reading.sentence)
  const own = JSON.stringify(needles) === JSON.stringify(match.chosen?.needles)
  return (
    <div aria-live="polite" data-testid="answer">
      <p className="text-do font-semibold">
        {listed(
          treatmentWords(needles, names),
          reading.passes !== undefined && phrase('passes-counted', { passes: reading.passes }),
          own && minutes.high > 0 && phrase('min', { low: range(minutes.low, minutes.high) }),
        )}
      </p>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <StateMark state={isState(reading.outcome) ? reading.outcome : 'unknown'} />
        <span>
          {reading.sentence}
          {worst && (
            <span className="text-note text-faint"> {phrase('set-by', { setBy: say(worst.setBy) })}</span>
          )}
        </span>
      </p>
    </div>
  )
}

/** What else is to be said of these needles. */
function Reasons({ reading }: { reading: Schemas['Reading'] }) {
  const more = reading.reasons.filter((r) => r.text !== reading.sentence)
  if (more.length === 0) return null
  return (
    <ul className="grid gap-1.5" aria-label={phrase('reasons')}>
      {more.map((r) => (
        <li key={r.code + r.text} className="border-l-2 border-line pl-2">
          {r.text}{' '}
          <span className="text-note text-faint">{phrase('set-by-within', { setBy: say(r.setBy) })}</span>
        </li>
      ))}
    </ul>
  )
}

function Cautions({ cautions }: { cautions: Schemas['CodeFile'][] }) {
  if (cautions.length === 0) return null
  return (
    <section aria-label={phrase('cautions')} className="lying p-3">
      <h2 className="font-semibold">{phrase('cautions')}</h2>
      <ul className="mt-1 grid list-[square] gap-y-1 pl-5">
        {cautions.map((c) => (
          <li key={c.code + c.text}>{c.text}</li>
        ))}
      </ul>
    </section>
  )
}
