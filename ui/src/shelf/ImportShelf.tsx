import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { useState } from 'react'
import { ApiError, api, need, type Schemas } from '../api/client'
import { shelfQuery } from '../api/queries'
import { Button, Field, inputForm } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type Chosen = { name: string; text: string }
const SHOWN = 50

/** Brings a shelf file in: first what it would do, or every fault; then, asked again, does it. */
export function ImportShelf({ onClose }: { onClose: () => void }) {
  const client = useQueryClient()
  const [chosen, setChosen] = useState<Chosen>()
  const [decimalComma, setDecimalComma] = useState(false)
  const [watch, setWatch] = useState('')
  const bring = useMutation({
    onMutate: (ask) => setWatch(ask.watch),
    mutationFn: (ask: { text: string; decimalComma: boolean; dryRun: boolean; watch: string }) =>
      need(
        api.POST('/api/v1/shelf/import', {
          params: { query: { decimalComma: ask.decimalComma, dryRun: ask.dryRun, watch: ask.watch } },
          body: ask.text,
          bodySerializer: (text) => text,
          headers: { 'Content-Type': 'text/plain; charset=utf-8' },
        }),
      ),
    onSuccess: (answer) => {
      if (!answer.done) return
      void client.invalidateQueries({ queryKey: shelfQuery.queryKey })
      void client.invalidateQueries({ queryKey: ['job'] })
    },
  })
  const tryOut = (file: Chosen, comma: boolean) =>
    bring.mutate({ text: file.text, decimalComma: comma, dryRun: true, watch: crypto.randomUUID() })
  const choose = async (file: File | undefined) => {
    if (!file) return
    const next = { name: file.name, text: await file.text() }
    setChosen(next)
    tryOut(next, decimalComma)
  }
  const answer = bring.data
  const nothing = answer && answer.added.length + answer.changed.length === 0
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 overflow-auto bg-paper p-4 md:inset-auto md:top-1/2 md:left-1/2 md:max-h-[92dvh] md:w-[min(94vw,48rem)] md:-translate-x-1/2 md:-translate-y-1/2"
        >
          <Dialog.Title className="text-head">{phrase('bring-a-shelf-in')}</Dialog.Title>
          <p className="text-faint">{phrase('csv-with-a-header-row')}</p>
          <div className="mt-4 grid gap-4">
            <label>
              <Field label={phrase('file')}>
                <input
                  type="file"
                  accept=".csv,.json,.txt"
                  className={`${inputForm} py-2`}
                  onChange={(e) => void choose(e.target.files?.[0])}
                />
              </Field>
            </label>
            <label className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-6 accent-needle"
                checked={decimalComma}
                onChange={(e) => {
                  setDecimalComma(e.target.checked)
                  if (chosen) tryOut(chosen, e.target.checked)
                }}
              />
              {phrase('numbers-are-written-with-a')}
            </label>
            <div aria-live="polite" className="grid gap-3">
              {bring.isPending && <Progress watch={watch} name={chosen?.name ?? ''} />}
              {bring.isError && <Faults error={bring.error} />}
              {answer && <Outcome answer={answer} />}
            </div>
            <div className="flex flex-wrap gap-2">
              {answer && !answer.done && !nothing && chosen && (
                <Button
                  weight="main"
                  onClick={() =>
                    bring.mutate({
                      text: chosen.text,
                      decimalComma,
                      dryRun: false,
                      watch: crypto.randomUUID(),
                    })
                  }
                  disabled={bring.isPending}
                >
                  {phrase('bring-it-in')}
                </Button>
              )}
              <Button onClick={onClose}>{phrase('close')}</Button>
            </div>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

const stages = {
  reading: phrase('rows-read'),
  checking: phrase('checking-rows'),
  storing: phrase('items-stored'),
}

/** How far it is, asked for a few times a second. */
function Progress({ watch, name }: { watch: string; name: string }) {
  const progress = useQuery({
    queryKey: ['import', watch],
    queryFn: () => need(api.GET('/api/v1/shelf/import/{watch}', { params: { path: { watch } } })),
    refetchInterval: 200,
    retry: false,
  })
  const { stage, done, of } = progress.data ?? { stage: 'reading' as const, done: 0, of: 0 }
  return (
    <div className="grid gap-1">
      <p className="text-faint">
        {of === 0 ? phrase('reading', { name }) : phrase('of-at', { stage: stages[stage], done, of })}
      </p>
      <progress
        className="h-3 w-full accent-needle"
        value={of === 0 ? undefined : done}
        max={of || 1}
        aria-label={phrase('progress')}
      />
    </div>
  )
}

function Outcome({ answer }: { answer: Schemas['ImportView'] }) {
  const lines = [
    { what: answer.done ? phrase('added') : phrase('would-be-added'), names: answer.added },
    { what: answer.done ? phrase('replaced') : phrase('would-be-replaced'), names: answer.changed },
  ]
  return (
    <section
      aria-label={answer.done ? phrase('brought-in') : phrase('what-it-would-do')}
      className="grid gap-2"
    >
      {answer.done && <p className="font-semibold text-tune">{phrase('brought-in-told')}</p>}
      {lines.map(({ what, names }) =>
        names.length === 0 ? null : (
          <p key={what}>
            <strong>
              {what}: {names.length}.
            </strong>{' '}
            {allOf([
              ...names.slice(0, SHOWN),
              names.length > SHOWN && phrase('and-more', { more: names.length - SHOWN }),
            ])}
          </p>
        ),
      )}
      <p className="text-faint">{phrase('items-are-there-already-as', { same: answer.same })}</p>
    </section>
  )
}

/** Faults as a table, so that line and column can be found in the file. */
function Faults({ error }: { error: Error }) {
  if (!(error instanceof ApiError) || error.faults.length === 0) return <Trouble error={error} />
  return (
    <section role="alert" aria-label={phrase('faults')} className="border-l-4 border-l-over pl-3">
      <p className="font-semibold">
        {phrase('nothing-was-brought-in-faults', { faults: error.faults.length })}
      </p>
      <div
        className="mt-2 max-h-72 overflow-auto"
        tabIndex={0}
        role="group"
        aria-label={phrase('faults-line-by-line')}
      >
        <table className="w-full text-left text-note">
          <thead>
            <tr className="border-b border-line">
              {[phrase('where'), phrase('found'), phrase('allowed')].map((h) => (
                <th key={h} scope="col" className="py-1 pr-3">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="divide-y divide-line align-top">
            {error.faults.map((f, i) => (
              <tr key={i}>
                <td className="py-1 pr-3 whitespace-nowrap">{f.pointer || phrase('the-file')}</td>
                <td className="py-1 pr-3 break-all">{f.found}</td>
                <td className="py-1">{f.allowed}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
