import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { outcomesQuery } from '../api/queries'
import { CabinSheet } from '../parts/CabinSheet'
import { ButtonLink } from '../parts/controls'
import { GlyphForm, isState, StateMark, stateWords, type State } from '../parts/Glyph'
import { useJob } from '../parts/useJob'
import { Empty, Loading, PageTrouble } from '../parts/Notice'
import { useCabin } from '../parts/useCabin'
import { PanelMatch } from './PanelMatch'
import { phrase } from './phrase'

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
        <Empty title={phrase('nothing-is-surveyed-yet')}>
          <p>{phrase('give-at-least-one-panel')}</p>
          <ButtonLink to={`/jobs/${job.id}/survey`} weight="main">
            {phrase('to-the-survey')}
          </ButtonLink>
        </Empty>
      </div>
    )
  if (outcomes.isError) return <PageTrouble error={outcomes.error} again={() => void outcomes.refetch()} />
  const open = (id: string) => {
    const surface = job.document.surfaces.find((s) => s.id === id)
    if (surface?.condition.soil && surface.condition.wear) void navigate(`/jobs/${job.id}/match/${id}`)
  }
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:grid-cols-[minmax(0,0.8fr)_minmax(26rem,1.2fr)] md:px-4 xl:grid-cols-[18rem_minmax(0,1fr)]">
      <section
        aria-label={phrase('cabin')}
        className="grid content-start gap-2 md:sticky md:top-2 md:self-start"
      >
        {layout.data && (
          <div className="h-[40vh] md:h-[calc(100dvh-16rem)] xl:h-[25rem]">
            <CabinSheet
              layout={layout.data}
              label={phrase('cabin-with-the-match-of')}
              picked={new Set(shown ? [shown] : [])}
              onPick={open}
              look={(panel) => {
                const outcome = byId.get(panel.id)
                return {
                  finish: finishes.get(panel.id) ?? (outcome ? 'unknown' : undefined),
                  blank: !outcome,
                  state: outcome ? stateWords[asState(outcome.outcome)] : phrase('not-surveyed'),
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
            {phrase('shelf-by-panels')}
          </Link>
          <Link to={`/jobs/${job.id}/rules`} className={aside}>
            {phrase('house-rules-of-this-job')}
          </Link>
          {shown && (
            <Link to={`/jobs/${job.id}/model/${shown}`} className={aside}>
              {phrase('try-it-on-a-model')}
            </Link>
          )}
        </p>
      </section>
      {outcomes.isPending ? (
        <Loading what={phrase('fetching-the-match')} />
      ) : (
        shown && <PanelMatch key={shown} job={job} surfaceId={shown} />
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
        <span className="narrow text-note font-semibold text-faint">{phrase('panel')}</span>
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
