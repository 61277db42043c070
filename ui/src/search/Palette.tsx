import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Command } from 'cmdk'
import { Dialog } from 'radix-ui'
import { useDeferredValue, useState } from 'react'
import { useMatch, useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { finishesQuery, outcomesQuery, searchQuery } from '../api/queries'
import { everywhere, fitting, inJob } from './commands'
import { phrase } from './phrase'

type Hit = Schemas['Hit']
type Group = { heading: string; lines: { title: string; detail?: string; to: string }[] }

const groups: { kind: Hit['kind']; title: string; to: (id: string) => string }[] = [
  { kind: 'customer', title: phrase('customers'), to: (id) => `/customers/${id}` },
  { kind: 'vehicle', title: phrase('vehicles'), to: (id) => `/vehicles/${id}` },
  { kind: 'job', title: phrase('jobs'), to: (id) => `/jobs/${id}` },
  { kind: 'product', title: phrase('products'), to: (id) => `/shelf/products/${id}` },
  { kind: 'tool', title: phrase('tools-and-cloths'), to: (id) => `/shelf/tools/${id}` },
]
const MOST = 8
const item =
  'flex min-h-11 cursor-pointer items-center justify-between gap-3 px-3 data-[selected=true]:bg-needle data-[selected=true]:text-on-needle'

/** Finds anything the shop has, and goes to any view. */
export function Palette({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate()
  const [word, setWord] = useState('')
  const asked = useDeferredValue(word.trim())
  const hits = useQuery({ ...searchQuery(asked), enabled: asked !== '', placeholderData: keepPreviousData })
  const go = (to: string) => {
    onClose()
    void navigate(to)
  }
  const found = asked === '' ? [] : (hits.data ?? [])
  const job = useMatch('/jobs/:id/*')
  const panel = useMatch('/jobs/:id/match/:surfaceId')
  const jobId = job?.params.id
  const outcomes = useQuery({ ...outcomesQuery(jobId ?? ''), enabled: jobId !== undefined, retry: false })
  const here = panel?.params.surfaceId ?? outcomes.data?.[0]?.surfaceId
  const on = outcomes.data?.find((o) => o.surfaceId === here)?.label
  const things = found.filter((h) => h.kind === 'product' || h.kind === 'tool')
  const finishes = useQuery(finishesQuery)
  const low = asked.toLowerCase()
  const panels = asked === '' ? [] : (outcomes.data ?? []).filter((o) => o.label.toLowerCase().includes(low))
  const told =
    asked === ''
      ? []
      : (finishes.data ?? []).filter((f) => `${f.name} ${f.family}`.toLowerCase().includes(low))
  const commands: Group[] = [
    {
      heading: phrase('panels-of-this-job'),
      lines: panels.map((o) => ({ title: o.label, to: `/jobs/${jobId}/match/${o.surfaceId}` })),
    },
    { heading: phrase('in-this-job'), lines: jobId ? fitting(inJob(jobId), asked) : [] },
    { heading: phrase('go-to'), lines: fitting(everywhere, asked) },
    {
      heading: phrase('finishes'),
      lines: told.map((f) => ({ title: f.name, detail: f.look, to: `/finishes#${f.code}` })),
    },
  ]
  const none = found.length === 0 && commands.every((group) => group.lines.length === 0)
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 top-0 z-50 max-h-dvh overflow-auto bg-paper md:inset-x-auto md:top-[10vh] md:left-1/2 md:max-h-[80vh] md:w-[min(94vw,38rem)] md:-translate-x-1/2"
        >
          <Dialog.Title className="sr-only">{phrase('find')}</Dialog.Title>
          <Command shouldFilter={false} label={phrase('find')}>
            <Command.Input
              value={word}
              onValueChange={setWord}
              placeholder={phrase('name-plate-job-panel-product')}
              className="min-h-14 w-full border-b border-line bg-paper px-3 text-do"
              maxLength={100}
            />
            <Command.List className="p-1">
              {none && !hits.isFetching && (
                <Command.Empty className="p-3 text-faint">{phrase('nothing-by-these-words')}</Command.Empty>
              )}
              {here && on && things.length > 0 && (
                <Command.Group heading={phrase('why-not-on', { on })} className={heading}>
                  {things.map((h) => (
                    <Command.Item
                      key={h.id}
                      value={`why${h.id}`}
                      onSelect={() => go(`/jobs/${jobId}/match/${here}?why=${h.id}`)}
                      className={item}
                    >
                      <span className="font-semibold">{phrase('why-not', { title: h.title })}</span>
                    </Command.Item>
                  ))}
                </Command.Group>
              )}
              {groups.map(({ kind, title, to }) => {
                const here = found.filter((h) => h.kind === kind)
                if (here.length === 0) return null
                return (
                  <Command.Group key={kind} heading={title} className={heading}>
                    {here.map((h) => (
                      <Command.Item
                        key={h.id}
                        value={kind + h.id}
                        onSelect={() => go(to(h.id))}
                        className={item}
                      >
                        <span className="font-semibold">{h.title}</span>
                        <span className="truncate text-note">{h.detail}</span>
                      </Command.Item>
                    ))}
                  </Command.Group>
                )
              })}
              {commands
                .filter((group) => group.lines.length > 0)
                .map((group) => (
                  <Command.Group key={group.heading} heading={group.heading} className={heading}>
                    {group.lines.slice(0, asked === '' ? undefined : MOST).map((line) => (
                      <Command.Item
                        key={line.to}
                        value={line.to}
                        onSelect={() => go(line.to)}
                        className={item}
                      >
                        <span>{line.title}</span>
                        {line.detail && <span className="truncate text-note">{line.detail}</span>}
                      </Command.Item>
                    ))}
                  </Command.Group>
                ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

const heading =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-note [&_[cmdk-group-heading]]:text-faint'
