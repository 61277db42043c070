import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { modelQuery, outcomesQuery, trialsQuery } from '../api/queries'
import { Button, ButtonLink } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { useDecisions } from '../match/useDecisions'
import { after, soilAt, found, cellCount, type Deed, type HandWork } from './model'
import { PanelPicture } from './PanelCanvas'
import { PanelWork } from './PanelWork'
import { placed } from '../parts/words'
import { phrase } from './phrase'

/** A panel of a real job, tried on models first: ten runs, and one by hand. */
export function ModelView() {
  const job = useJob()
  const { surfaceId = '' } = useParams()
  const trials = useQuery(trialsQuery(job.id, surfaceId))
  const [seed, setSeed] = useState(1)
  const model = useQuery(modelQuery(job.id, surfaceId, seed))
  const [own, setOwn] = useState<Deed[]>()
  const outcomes = useQuery(outcomesQuery(job.id))
  const label = outcomes.data?.find((o) => o.surfaceId === surfaceId)?.label
  const work = useMemo(() => model.data && named(model.data.work, label), [label, model.data])
  const decisions = useDecisions(job.id, surfaceId)
  const go = useNavigate()
  if (trials.isPending) return <Loading what={phrase('fetching-the-models')} />
  if (!trials.data)
    return (
      <div className="p-4">
        <Empty title={trials.error?.message ?? phrase('there-is-no-model-of')}>
          <ButtonLink to={`/jobs/${job.id}/match/${surfaceId}`}>{phrase('back-to-its-match')}</ButtonLink>
        </Empty>
      </div>
    )
  const { runs } = trials.data
  const last = own?.filter((deed) => ['lay', 'damp', 'soak', 'work'].includes(deed.act)).at(-1)
  const used = last &&
    model.data && { means: model.data.work.means[last.means]!, needles: model.data.needles[last.means]! }
  const mayTake = job.state === 'survey' && used?.means.mark !== 'dangerous'
  const passes = runs.map((r) => r.passes)
  const clean = runs.filter((r) => r.clean).length
  const harmed = runs.filter((r) => !r.unharmed).length
  const least = Math.min(...passes)
  const most = Math.max(...passes)
  return (
    <div className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-head">{phrase('on-a-model-first')}</h1>
          <p>
            <strong>{placed(label ?? '', trials.data.treatment)}.</strong>{' '}
            {phrase('nothing-here-goes-into-the')}
          </p>
        </div>
        <ButtonLink to={`/jobs/${job.id}/match/${surfaceId}`} weight="main">
          {phrase('back-to-the-match')}
        </ButtonLink>
      </div>
      <section aria-label={phrase('ten-models')} className="lying grid gap-2 p-3">
        <h2 className="text-do">
          {clean === runs.length
            ? least === most
              ? phrase('clean-in-on-all-models', { least, runs: runs.length })
              : phrase('clean-in-from-to-on-all-models', { least, most, runs: runs.length })
            : phrase('clean-on-of-models-the', { clean, runs: runs.length, most })}{' '}
          {harmed > 0 ? phrase('and-came-to-harm', { harmed }) : phrase('and-none-came-to-harm')}
        </h2>
        <p className="text-note text-faint">{phrase('each-is-this-finish-with')}</p>
        <ol className="grid gap-1">
          {runs.map((run, i) => (
            <li key={i} className="grid grid-cols-[5rem_minmax(0,1fr)_9rem] items-center gap-2 text-note">
              <span>{phrase('model', { i: i + 1 })}</span>
              <span className="flex gap-0.5" aria-hidden="true">
                {Array.from({ length: run.passes }, (_, p) => (
                  <span key={p} className={`h-4 flex-1 ${run.unharmed ? 'bg-tune' : 'bg-over'}`} />
                ))}
                {Array.from({ length: most - run.passes }, (_, p) => (
                  <span key={p} className="h-4 flex-1 bg-piece" />
                ))}
              </span>
              <span>{phrase('passes-left', { passes: run.passes, left: Math.round(run.left * 100) })}</span>
            </li>
          ))}
        </ol>
      </section>
      <h2 className="text-do">{phrase('by-hand')}</h2>
      {model.isPending && <Loading what={phrase('fetching-the-model')} />}
      {model.error && <Trouble error={model.error} />}
      {work && own && (
        <section aria-label={phrase('what-you-left')} className="lying grid gap-2 p-3 sm:grid-cols-2">
          <PanelPicture work={work} panel={after(work, own)} label={phrase('the-model-as-you-left')} />
          <div className="grid content-start gap-2">
            <p className="text-do">
              {phrase('of-the-soil-is-left', { percent: Math.round(100 * left(work, own)) })}
            </p>
            <Button
              onClick={() => {
                setOwn(undefined)
                setSeed(seed + 1)
              }}
            >
              {phrase('another-model')}
            </Button>
            {used && (
              <>
                <Button
                  weight="main"
                  disabled={!mayTake || decisions.keep.isPending}
                  onClick={() =>
                    decisions.keep.mutate(
                      { needles: used.needles, reason: phrase('tried-on-a-model-first') },
                      { onSuccess: () => void go(`/jobs/${job.id}/match/${surfaceId}`) },
                    )
                  }
                >
                  {phrase('take-it-into-the-match')}
                </Button>
                <p className="text-note">
                  {used.means.text}.{' '}
                  {job.state !== 'survey'
                    ? phrase('the-run-has-begun-its')
                    : used.means.mark === 'dangerous' && phrase('it-is-beyond-what-this')}
                </p>
              </>
            )}
            {decisions.keep.error && <Trouble error={decisions.keep.error} />}
            <Link to={`/jobs/${job.id}/match/${surfaceId}`}>{phrase('leave-it-and-back-to')}</Link>
          </div>
        </section>
      )}
      {work && !own && <PanelWork key={seed} work={work} onDone={setOwn} busy={false} />}
    </div>
  )
}

/** The panel by the name people call it. */
const named = (work: HandWork, label: string | undefined): HandWork => ({
  ...work,
  facts: work.facts.map((fact, i) => (i === 0 && label ? { ...fact, is: label } : fact)),
})

function left(work: Parameters<typeof after>[0], deeds: Deed[]) {
  const before = found(work)
  const now = after(work, deeds)
  const sum = (panel: typeof now) => {
    let total = 0
    for (let cell = 0; cell < cellCount; cell++) total += soilAt(panel, cell)
    return total
  }
  return sum(now) / Math.max(sum(before), 1e-9)
}
