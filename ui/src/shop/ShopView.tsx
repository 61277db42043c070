import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need } from '../api/client'
import { shopQuery } from '../api/queries'
import { Button, ButtonLink, TextField } from '../parts/controls'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { faultAt, faultsOf } from '../shelf/record'
import { Crew } from '../crew/Crew'
import { Backups } from './Backups'
import { Devices } from './Devices'
import { Hours } from './Hours'
import { Keeping } from './Keeping'
import { Learning } from './Learning'
import { Papers } from './Papers'
import { Prices } from './Prices'
import { onTop, type Settings } from './settings'
import { Water } from './Water'
import { Writing } from './Writing'
import { phrase } from './phrase'

export function ShopView() {
  const shop = useQuery(shopQuery)
  if (shop.isPending) return <Loading what={phrase('fetching-the-shop')} />
  if (shop.isError) return <PageTrouble error={shop.error} again={() => void shop.refetch()} />
  return <ShopForm now={shop.data} />
}

function ShopForm({ now }: { now: Settings }) {
  const client = useQueryClient()
  const [start, setStart] = useState(now)
  const [form, setForm] = useState(now)
  if ((now.version ?? 0) > (start.version ?? 0)) {
    setStart(now)
    setForm(onTop(form, start, now))
  }
  const set = (part: Partial<Settings>) => setForm((before) => ({ ...before, ...part }))
  const save = useMutation({
    mutationFn: (sent: Settings) => need(api.PUT('/api/v1/shop', { body: sent })),
    onSuccess: (fresh, sent) => {
      setStart(fresh)
      setForm((typed) => onTop(typed, sent, fresh))
      client.setQueryData(shopQuery.queryKey, fresh)
      void client.invalidateQueries({ queryKey: ['job'] })
      void client.invalidateQueries({ queryKey: ['shelf'] })
    },
  })
  const at = (field: string) => faultAt(faultsOf(save.error), field)
  const changed = JSON.stringify(form) !== JSON.stringify(start)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate(form)
  }
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-5 p-3 md:grid-cols-[1.4fr_1fr] md:p-6">
      <form onSubmit={submit} className="grid content-start gap-6">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-head">{phrase('shop')}</h1>
          <ButtonLink to="/rules">{phrase('house-rules')}</ButtonLink>
        </div>
        <TextField
          label={phrase('name-on-hand-overs-and')}
          value={form.name}
          onChange={(name) => set({ name })}
          maxLength={120}
          fault={at('name')}
        />
        <Water form={form} set={set} at={at} />
        <Hours form={form} set={set} at={at} />
        <Prices form={form} set={set} at={at} />
        <Writing form={form} set={set} at={at} />
        <Papers papers={form.papers} onChange={(papers) => set({ papers })} at={at} />
        {save.error && <Trouble error={save.error} />}
        <div className="flex items-center gap-3">
          <Button type="submit" weight="main" disabled={save.isPending || !changed}>
            {phrase('save')}
          </Button>
          <span role="status" className="text-note text-faint">
            {changed ? '' : phrase('saved')}
          </span>
        </div>
      </form>
      <div className="grid content-start gap-3">
        <Crew />
        <Devices />
        <Keeping />
        <Backups />
        <Learning />
      </div>
    </div>
  )
}
