import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, need, type Schemas } from '../api/client'
import { houseRulesQuery } from '../api/queries'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { RuleCard } from './RuleCard'
import { phrase } from './phrase'

/** Where good practitioners disagree, and the schools this shop holds to. */
export function RulesView() {
  const client = useQueryClient()
  const rules = useQuery(houseRulesQuery)
  const hold = useMutation({
    mutationFn: (schools: Record<string, string>) =>
      need(api.PUT('/api/v1/house-rules', { body: { schools } })),
    onSuccess: (fresh) => {
      client.setQueryData(houseRulesQuery.queryKey, fresh)
      void client.invalidateQueries({ queryKey: ['job'] })
      void client.invalidateQueries({ queryKey: ['shop'] })
    },
  })
  if (rules.isPending) return <Loading what={phrase('fetching-the-house-rules')} />
  if (rules.isError) return <PageTrouble error={rules.error} again={() => void rules.refetch()} />
  return (
    <div className="mx-auto grid w-full max-w-6xl content-start gap-3 p-3 md:p-5">
      <header>
        <h1 className="text-head">{phrase('house-rules')}</h1>
        <p className="max-w-prose text-faint">{phrase('good-practitioners-disagree')}</p>
      </header>
      {hold.error && <Trouble error={hold.error} />}
      {rules.data.map((rule) => (
        <RuleCard
          key={rule.key}
          rule={rule}
          school={hold.isPending ? (hold.variables[rule.key] ?? rule.standard) : rule.school}
          marks={(school) => (school === rule.standard ? ['default'] : [])}
          onPick={(school) => hold.mutate(chosen(rules.data, rule.key, school))}
        />
      ))}
    </div>
  )
}

/** The schools that are not the defaults, with one of them picked. */
function chosen(rules: Schemas['RuleView'][], key: string, school: string) {
  const schools: Record<string, string> = {}
  for (const rule of rules) {
    const held = rule.key === key ? school : rule.school
    if (held !== rule.standard) schools[rule.key] = held
  }
  return schools
}
