import { useQuery } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { shelfQuery } from '../api/queries'
import { Button, Pick, TextField } from '../parts/controls'
import type { BenchTask } from './run'
import type { Tell } from './useBench'
import { phrase } from './phrase'

type OnTell = (what: Omit<Tell, 'taskId'>) => void

/** What went otherwise than planned at a step: skipped, done with something else, a note. */
export function Otherwise({ task, onTell }: { task: BenchTask; onTell: OnTell }) {
  const [reason, setReason] = useState('')
  return (
    <>
      <Ask title={phrase('skip-this-step')} label={phrase('why')}>
        {(close) => (
          <form
            className="grid gap-3"
            onSubmit={(e) => {
              e.preventDefault()
              onTell({ kind: 'skipped', reason })
              close()
            }}
          >
            <p>{phrase('it-goes-into-the-record')}</p>
            <TextField label={phrase('why')} value={reason} onChange={setReason} maxLength={400} required />
            <Button weight="main" type="submit" className="min-h-14" disabled={!reason.trim()}>
              {phrase('skip-it')}
            </Button>
          </form>
        )}
      </Ask>
      {task.productId && (
        <Ask title={phrase('something-else-was-used')} label={phrase('instead-of-what-was-planned')}>
          {(close) => <Instead task={task} onTell={onTell} onDone={close} />}
        </Ask>
      )}
      <Ask title={phrase('note')} label={phrase('note-on-this-step')}>
        {(close) => (
          <form
            className="grid gap-3"
            onSubmit={(e) => {
              e.preventDefault()
              onTell({ kind: 'note', reason })
              setReason('')
              close()
            }}
          >
            <TextField
              label={phrase('note')}
              value={reason}
              onChange={setReason}
              maxLength={400}
              lines={3}
              required
            />
            <Button weight="main" type="submit" className="min-h-14" disabled={!reason.trim()}>
              {phrase('keep-it')}
            </Button>
          </form>
        )}
      </Ask>
    </>
  )
}

/** A quiet button that opens a small sheet. */
export function Ask(props: { title: string; label: string; children: (close: () => void) => ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <Button weight="quiet" className="-ml-4 min-h-12">
          {props.title}
        </Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="lying fixed inset-x-2 bottom-2 z-50 mx-auto grid max-h-[90dvh] max-w-lg gap-3 overflow-auto p-4 md:top-1/4 md:bottom-auto"
        >
          <Dialog.Title className="text-do font-semibold">{props.label}</Dialog.Title>
          {props.children(() => setOpen(false))}
          <Dialog.Close asChild>
            <Button weight="quiet" className="min-h-12">
              {phrase('not-now')}
            </Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Instead(props: { task: BenchTask; onTell: OnTell; onDone: () => void }) {
  const shelf = useQuery(shelfQuery)
  const [productId, setProduct] = useState(props.task.productId ?? '')
  const [ratio, setRatio] = useState('')
  const [toolId, setTool] = useState('')
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        props.onTell({
          kind: 'swapped',
          detail: { used: { productId, ratio: ratio.trim() || undefined, toolId: toolId || undefined } },
        })
        props.onDone()
      }}
    >
      <Pick
        label={phrase('product')}
        value={productId}
        options={(shelf.data?.products ?? []).map((p) => ({ value: p.id, label: p.name }))}
        onChange={setProduct}
      />
      <TextField
        label={phrase('ratio-empty-as-it-comes')}
        value={ratio}
        onChange={setRatio}
        placeholder="1:10"
        maxLength={12}
      />
      <Pick
        label={phrase('tool')}
        value={toolId || undefined}
        placeholder={phrase('the-planned-one')}
        options={(shelf.data?.tools ?? []).map((t) => ({ value: t.id, label: t.name }))}
        onChange={setTool}
      />
      <Button weight="main" type="submit" className="min-h-14">
        {phrase('note-it-and-see-what')}
      </Button>
    </form>
  )
}
