import { useQuery } from '@tanstack/react-query'
import { useMemo, useRef, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { matchQuery, outcomesQuery, shelfQuery } from '../api/queries'
import { CabinSheet } from '../parts/CabinSheet'
import { ButtonLink } from '../parts/controls'
import { GlyphForm, isState, StateMark, stateWords, type State } from '../parts/Glyph'
import { useJob } from '../parts/JobFrame'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { useCabin } from '../parts/useCabin'
import { range, Say, say } from '../parts/words'
import { canPut, Compare } from './Compare'
import { Exposure, Finishing, Ladder, LeftOut } from './Ladder'
import { Rack } from './Rack'
import { useDecisions } from './useDecisions'
import { useNeedles } from './useNeedles'
import { WhyDialog } from './Why'

const aside = 'inline-flex min-h-11 items-center underline underline-offset-4'

const asState = (code: string): State => (isState(code) ? code : 'unknown')

export function MatchView() {
  const job = useJob()
  const { surfaceId } = useParams()
  const navigate = useNavigate()
  const layout = useCabin(job)
  const asked = job.document.surfaces.some((s) => s.condition.soil && s.condition.wear)
  const outcomes = useQuery({ ...outcomesQuery(job.id), enabled: asked })
  const byId = useMemo(() => new Map(outcomes.data?.map((o) => [o.surfaceId, o])), [outcomes.data])
  const finishes = useMemo(
    () => new Map(job.document.surfaces.map((s) => [s.id, s.finish])),
    [job.document.surfaces],
  )
  const shown = surfaceId ?? mostWork(outcomes.data)

  if (!asked)
    return (
      <div className="p-4">
        <Empty title="Nothing is surveyed yet.">
          <p>Give at least one panel its soil and wear; then its match stands here.</p>
          <ButtonLink to={`/jobs/${job.id}/survey`} weight="main">
            To the survey
          </ButtonLink>
        </Empty>
      </div>
    )
  if (outcomes.isError)
    return (
      <div className="p-4">
        <Trouble error={outcomes.error} again={() => void outcomes.refetch()} />
      </div>
    )
  const open = (id: string) => {
    const surface = job.document.surfaces.find((s) => s.id === id)
    if (surface?.condition.soil && surface.condition.wear) void navigate(`/jobs/${job.id}/match/${id}`)
  }
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:grid-cols-[minmax(0,0.8fr)_minmax(26rem,1.2fr)] md:p-4">
      <section aria-label="Cabin" className="grid content-start gap-2 md:sticky md:top-2 md:self-start">
        {layout.data && (
          <div className="h-[40vh] md:h-[calc(100dvh-16rem)]">
            <CabinSheet
              layout={layout.data}
              label="Cabin with the match of each panel"
              picked={new Set(shown ? [shown] : [])}
              onPick={open}
              look={(panel) => {
                const outcome = byId.get(panel.id)
                return {
                  finish: finishes.get(panel.id) ?? (outcome ? 'unknown' : undefined),
                  blank: !outcome,
                  state: outcome ? stateWords[asState(outcome.outcome)] : 'not surveyed',
                  mark: outcome && (
                    <>
                      <circle r="11" fill="var(--paper)" />
                      <GlyphForm state={asState(outcome.outcome)} />
                    </>
                  ),
                }
              }}
            />
          </div>
        )}
        {outcomes.data && <Overview outcomes={outcomes.data} jobId={job.id} shown={shown} />}
        <p className="flex flex-wrap gap-x-4">
          <Link to={`/jobs/${job.id}/matrix`} className={aside}>
            Shelf by panels
          </Link>
          <Link to={`/jobs/${job.id}/rules`} className={aside}>
            House rules of this job
          </Link>
        </p>
      </section>
      {outcomes.isPending ? (
        <Loading what="the match" />
      ) : (
        shown && <SurfaceMatch key={shown} job={job} surfaceId={shown} />
      )}
    </div>
  )
}

/** Where the longest work is: the panel worth looking at first. */
const mostWork = (outcomes: Schemas['SurfaceOutcome'][] = []) =>
  outcomes.reduce<Schemas['SurfaceOutcome'] | undefined>(
    (most, o) => (most && most.minutesHigh >= o.minutesHigh ? most : o),
    undefined,
  )?.surfaceId

/** The whole cabin in one line for each state, and as a list to step through. */
function Overview(props: { outcomes: Schemas['SurfaceOutcome'][]; jobId: string; shown?: string }) {
  const navigate = useNavigate()
  const counts = new Map<State, number>()
  for (const o of props.outcomes) counts.set(asState(o.outcome), (counts.get(asState(o.outcome)) ?? 0) + 1)
  return (
    <div className="grid gap-2">
      <p className="flex flex-wrap gap-x-4 gap-y-1">
        {[...counts].map(([state, n]) => (
          <StateMark key={state} state={state}>
            {n} {stateWords[state].toLowerCase()}
          </StateMark>
        ))}
      </p>
      <label className="grid gap-1">
        <span className="narrow text-note font-semibold text-faint">Panel</span>
        <select
          className="min-h-11 w-full rounded-piece border border-ink/60 bg-paper px-3"
          value={props.shown}
          onChange={(e) => void navigate(`/jobs/${props.jobId}/match/${e.target.value}`)}
        >
          {props.outcomes.map((o) => (
            <option key={o.surfaceId} value={o.surfaceId}>
              {o.label}: {stateWords[asState(o.outcome)].toLowerCase()}
            </option>
          ))}
        </select>
      </label>
    </div>
  )
}

function SurfaceMatch({ job, surfaceId }: { job: Schemas['JobDetail']; surfaceId: string }) {
  const match = useQuery(matchQuery(job.id, surfaceId))
  if (match.isPending) return <Loading what="the match" />
  if (match.isError) return <Trouble error={match.error} again={() => void match.refetch()} />
  const { chosen } = match.data
  return (
    <Answer
      key={chosen ? JSON.stringify(chosen.needles) : 'none'}
      job={job}
      match={match.data}
      chosen={chosen ?? undefined}
    />
  )
}

const read = (text: string | null): Schemas['Needles'] | undefined => {
  if (!text) return undefined
  try {
    return JSON.parse(text) as Schemas['Needles']
  } catch {
    return undefined
  }
}

/** A panel's match, with needles to hold and treatments to put beside one another. */
function Answer(props: {
  job: Schemas['JobDetail']
  match: Schemas['MatchView']
  chosen: Schemas['Reading'] | undefined
}) {
  const { job, match, chosen } = props
  const { surfaceId } = match
  const [search, setSearch] = useSearchParams()
  const shelf = useQuery(shelfQuery)
  const names = useMemo(() => {
    const all = [...(shelf.data?.products ?? []), ...(shelf.data?.tools ?? [])]
    return new Map(all.map((item) => [item.id, item.name]))
  }, [shelf.data])
  const decisions = useDecisions(job.id, surfaceId)
  const rack = useRef<HTMLDivElement>(null)
  const wanted = read(search.get('try'))
  const [beside, setBeside] = useState<Schemas['Needles'][]>([])
  const [laid, setLaid] = useState<Schemas['Needles'] | undefined>(wanted)
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
  const lay = (needles: Schemas['Needles']) => {
    setLaid(needles)
    setWhy(null)
    rack.current?.scrollIntoView({ block: 'start' })
  }
  return (
    <div className="grid content-start gap-3">
      <header className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1">
        <div>
          <h2 className="text-head">{match.label}</h2>
          <p className="text-faint">
            {match.finishName}
            {match.soilLevel !== 'none' && `; ${match.soilLevel} ${match.soils.map(say).join(', ')}`}
          </p>
        </div>
        {match.answer.minutes.high > 0 && (
          <p className="text-do font-semibold">
            {range(match.answer.minutes.low, match.answer.minutes.high)} min
          </p>
        )}
      </header>
      {chosen && (
        <div ref={rack} className="scroll-mt-2">
          <HeldRack
            key={laid ? JSON.stringify(laid) : 'own'}
            job={job}
            match={match}
            chosen={chosen}
            start={laid}
            decisions={decisions}
            beside={beside}
            onBeside={setBeside}
          />
        </div>
      )}
      {match.answer.loss !== undefined && (
        <p className="text-note text-faint">
          {Math.round(match.answer.loss * 100)} % less gentle than this panel’s own gentlest, so that fewer
          bottles and tools do the cabin.
        </p>
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
      <Ladder
        jobId={job.id}
        match={match}
        names={names}
        open={job.state === 'SURVEY'}
        decisions={decisions}
      />
      <Exposure answer={match.answer} />
      <Finishing answer={match.answer} names={names} />
      <Cautions cautions={match.answer.cautions} />
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

/** The rack with needles that start where they were laid. */
function HeldRack(props: {
  job: Schemas['JobDetail']
  match: Schemas['MatchView']
  chosen: Schemas['Reading']
  start: Schemas['Needles'] | undefined
  decisions: ReturnType<typeof useDecisions>
  beside: Schemas['Needles'][]
  onBeside: (beside: Schemas['Needles'][]) => void
}) {
  const { job, match, beside } = props
  const inHand = useNeedles(job.id, job.revision, match.surfaceId, props.chosen, props.start)
  return (
    <Rack
      id={job.id}
      revision={job.revision}
      match={match}
      chosen={props.chosen}
      decisions={props.decisions}
      inHand={inHand}
      onCompare={
        canPut(beside, inHand.needles) ? () => props.onBeside([...beside, inHand.needles]) : undefined
      }
    />
  )
}

function Cautions({ cautions }: { cautions: Schemas['CodeFile'][] }) {
  if (cautions.length === 0) return null
  return (
    <section aria-label="Cautions" className="lying p-3">
      <h2 className="text-do">Cautions</h2>
      <ul className="mt-2 grid list-[square] gap-x-8 gap-y-1 pl-5 lg:grid-cols-2">
        {cautions.map((c) => (
          <li key={c.code}>{c.text}</li>
        ))}
      </ul>
    </section>
  )
}
