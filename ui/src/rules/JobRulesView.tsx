import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { houseRulesQuery, jobRulesQuery, ruleEffectQuery } from '../api/queries'
import { useJobSettled } from '../api/useJobSettled'
import { Button } from '../parts/controls'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { Say } from '../parts/words'
import { RuleCard } from './RuleCard'
import { phrase } from './phrase'

/** The schools a job holds to, those of its own marked, with what each changes in this job. */
export function JobRulesView() {
  const job = useJob()
  const settled = useJobSettled()
  const rules = useQuery(houseRulesQuery)
  const own = useQuery(jobRulesQuery(job.id))
  const hold = useMutation({
    mutationFn: (schools: Record<string, string>) =>
      need(api.PUT('/api/v1/jobs/{id}/house-rules', { params: { path: { id: job.id } }, body: { schools } })),
    onSuccess: settled,
  })
  if (rules.isPending || own.isPending) return <Loading what={phrase('fetching-the-house-rules')} />
  const trouble = rules.error ?? own.error
  if (trouble || !rules.data || !own.data)
    return <PageTrouble error={trouble} again={() => void own.refetch()} />
  const byKey = new Map(own.data.map((r) => [r.key, r]))
  const open = job.state === 'survey'
  const pick = (key: string, school: string) => {
    const schools: Record<string, string> = {}
    for (const r of own.data) {
      const held = r.key === key ? school : r.ofJob
      if (held !== undefined && held !== r.ofShop) schools[r.key] = held
    }
    hold.mutate(schools)
  }
  return (
    <div className="mx-auto grid w-full max-w-6xl content-start gap-3 p-3 md:p-5">
      <header>
        <h2 className="text-head">{phrase('house-rules-of-this-job')}</h2>
        <p className="max-w-prose text-faint">
          {phrase('the-shops-schools-hold-unless')} {!open && <>{phrase('the-bench-run-has-started')} </>}
          <Link to="/rules" className="underline underline-offset-4">
            {phrase('the-shops-house-rules')}
          </Link>
        </p>
      </header>
      {hold.error && <Trouble error={hold.error} />}
      {rules.data.map((rule) => {
        const here = byKey.get(rule.key)
        const school = here?.ofJob ?? rule.school
        const others = rule.schools.map((s) => s.school).filter((s) => s !== school)
        return (
          <RuleCard
            key={rule.key}
            rule={rule}
            school={school}
            disabled={!open || hold.isPending}
            marks={(s) => [
              ...(s === rule.school ? [phrase('the-shops')] : []),
              ...(s === here?.ofJob ? [phrase('this-jobs')] : []),
            ]}
            onPick={(s) => pick(rule.key, s)}
          >
            {here?.ofJob && <Effect job={job} ruleKey={rule.key} school={rule.school} back />}
            {!rule.fixed && job.document.surfaces.length > 0 && (
              <WhatIf key={school} job={job} ruleKey={rule.key} schools={others} />
            )}
          </RuleCard>
        )
      })}
    </div>
  )
}

/** Asks, school by school, what it would change in this job. */
function WhatIf(props: { job: Schemas['JobDetail']; ruleKey: string; schools: string[] }) {
  const [asked, setAsked] = useState<string>()
  return (
    <div className="mt-1">
      <p className="flex flex-wrap gap-x-3">
        {props.schools.map((school) => (
          <Button
            key={school}
            weight="quiet"
            className="-ml-4 font-normal"
            aria-expanded={asked === school}
            onClick={() => setAsked(asked === school ? undefined : school)}
          >
            {phrase('what-would-change-here', { school: Say(school) })}
          </Button>
        ))}
      </p>
      {asked && <Effect job={props.job} ruleKey={props.ruleKey} school={asked} />}
    </div>
  )
}

function Effect(props: { job: Schemas['JobDetail']; ruleKey: string; school: string; back?: boolean }) {
  const effect = useQuery(ruleEffectQuery(props.job.id, props.ruleKey, props.school))
  if (effect.isPending) return <Loading what={phrase('fetching-what-it-changes')} />
  if (effect.isError) return <Trouble error={effect.error} />
  const { panels, sitLaterMin, clothsThrown } = effect.data
  const later = props.back ? -sitLaterMin : sitLaterMin
  const thrown = props.back ? -clothsThrown : clothsThrown
  return (
    <div className="mt-2 border-l-4 border-l-needle pl-3">
      <p className="font-semibold">
        {panels.length === 0 && later === 0 && thrown === 0
          ? props.back
            ? phrase('it-changed')
            : phrase('it-would-change')
          : props.back
            ? phrase('what-this-jobs-school-changed', { panels: panels.length })
            : phrase('it-would-change-panels', { panels: panels.length })}
      </p>
      {panels.length > 0 && (
        <ul className="mt-1 grid gap-1 text-note">
          {panels.map((p) => (
            <li key={p.surfaceId}>
              <strong>{p.label}:</strong> {props.back ? p.after : p.before} →{' '}
              <strong>{props.back ? p.before : p.after}</strong>
            </li>
          ))}
        </ul>
      )}
      {later !== 0 && (
        <p className="text-note">
          {later > 0 ? phrase('later', { later }) : phrase('earlier', { earlier: -later })}
        </p>
      )}
      {thrown !== 0 && (
        <p className="text-note">
          {thrown > 0 ? phrase('more', { thrown }) : phrase('fewer', { thrown: -thrown })}
        </p>
      )}
    </div>
  )
}
