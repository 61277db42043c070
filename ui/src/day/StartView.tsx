import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Check } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import { api, need, type Schemas } from '../api/client'
import { shelfQuery, shopQuery, startersQuery } from '../api/queries'
import { Button, ButtonLink, Tick } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { phrase } from './phrase'

/** A new shop's four steps: its water and people, its tools, its bottles, its first car. */
export function StartView() {
  const shop = useQuery(shopQuery)
  const shelf = useQuery(shelfQuery)
  if (shop.isPending || shelf.isPending) return <Loading what={phrase('fetching-the-shop')} />
  if (shop.isError) return <Trouble error={shop.error} again={() => void shop.refetch()} />
  if (shelf.isError) return <Trouble error={shelf.error} again={() => void shelf.refetch()} />
  const bottles = shelf.data.products.length
  return (
    <section aria-label={phrase('setting-up')} className="lying">
      <h2 className="px-4 pt-4 text-head">{phrase('a-shop-of-your-own')}</h2>
      <p className="px-4 text-faint">
        {bottles === 0 && <>{phrase('the-shelf-is-empty-nothing')} </>}
        {phrase('four-steps-in-any-order')}
      </p>
      <ol className="mt-2 divide-y divide-line">
        <Step
          number={1}
          title={phrase('water-people-and-hours')}
          done={shop.data.version !== undefined}
          says={phrase('tap-water-pulls-a-mix')}
        >
          <ButtonLink to="/shop">{phrase('set-up-the-shop')}</ButtonLink>
        </Step>
        <Step
          number={2}
          title={phrase('tools')}
          done={shelf.data.tools.length > 0}
          says={
            shelf.data.tools.length > 0
              ? phrase('tools-on-the-shelf', { tools: shelf.data.tools.length })
              : phrase('tick-what-hangs-on-your')
          }
        >
          <Tools />
        </Step>
        <Step
          number={3}
          title={phrase('bottles')}
          done={bottles > 0}
          says={bottles > 0 ? phrase('bottles-on-the-shelf', { bottles }) : phrase('as-their-labels-have-it')}
        >
          <ButtonLink to="/shelf/products/new">{phrase('type-a-bottle-in')}</ButtonLink>
          <ButtonLink to="/shelf">{phrase('bring-in-a-list')}</ButtonLink>
        </Step>
        <Step number={4} title={phrase('the-first-car')} done={false} says={phrase('lay-its-cabin-open-and')}>
          <ButtonLink to="/new" weight="main">
            {phrase('start-the-first-job')}
          </ButtonLink>
        </Step>
      </ol>
    </section>
  )
}

function Step(props: { number: number; title: string; done: boolean; says: string; children: ReactNode }) {
  return (
    <li className="grid gap-2 px-4 py-3 sm:grid-cols-[2.5rem_1fr]">
      <span
        className={`flex size-9 items-center justify-center rounded-full border-2 font-bold ${
          props.done ? 'border-tune text-tune' : 'border-ink'
        }`}
      >
        {props.done ? <Check size={18} aria-label={phrase('done')} /> : props.number}
      </span>
      <div className="grid gap-2">
        <div>
          <h3 className="text-do">{props.title}</h3>
          <p className="text-note text-faint">{props.says}</p>
        </div>
        <div className="flex flex-wrap items-start gap-2">{props.children}</div>
      </div>
    </li>
  )
}

type Starter = Schemas['Starter']

function Tools() {
  const client = useQueryClient()
  const starters = useQuery(startersQuery)
  const [open, setOpen] = useState(false)
  const [ticked, setTicked] = useState<string[]>([])
  const take = useMutation({
    mutationFn: () => need(api.POST('/api/v1/shelf/starters', { body: { tools: ticked } })),
    onSuccess: (fresh) => {
      client.setQueryData(startersQuery.queryKey, fresh)
      void client.invalidateQueries({ queryKey: shelfQuery.queryKey })
      setTicked([])
      setOpen(false)
    },
  })
  if (!open)
    return (
      <>
        <Button onClick={() => setOpen(true)}>{phrase('tick-plain-tools')}</Button>
        <ButtonLink to="/shelf/tools/new">{phrase('type-a-tool-in')}</ButtonLink>
      </>
    )
  if (starters.isPending) return <Loading what={phrase('fetching-the-tools')} />
  if (starters.isError) return <Trouble error={starters.error} again={() => void starters.refetch()} />
  const flip = (id: string, on: boolean) =>
    setTicked((before) => (on ? [...before, id] : before.filter((one) => one !== id)))
  return (
    <div className="grid w-full gap-4">
      <div className="gap-4 sm:columns-2 lg:columns-3">
        {groups(starters.data).map(([group, tools]) => (
          <fieldset key={group} className="mb-3 break-inside-avoid">
            <legend className="narrow text-note text-faint">{group}</legend>
            {tools.map((tool) => (
              <Tick
                key={tool.id}
                label={tool.name.charAt(0).toUpperCase() + tool.name.slice(1)}
                checked={tool.owned || ticked.includes(tool.id)}
                disabled={tool.owned}
                onChange={(on) => flip(tool.id, on)}
              />
            ))}
          </fieldset>
        ))}
      </div>
      {take.error && <Trouble error={take.error} />}
      <div className="flex flex-wrap gap-2">
        <Button weight="main" disabled={ticked.length === 0 || take.isPending} onClick={() => take.mutate()}>
          {ticked.length === 0
            ? phrase('put-on-the-shelf')
            : phrase('put-tools-on-the-shelf', { ticked: ticked.length })}
        </Button>
        <Button onClick={() => setOpen(false)}>{phrase('not-now')}</Button>
      </div>
    </div>
  )
}

function groups(starters: Starter[]): [string, Starter[]][] {
  const by = new Map<string, Starter[]>()
  starters.forEach((s) => by.set(s.group, [...(by.get(s.group) ?? []), s]))
  return [...by]
}
