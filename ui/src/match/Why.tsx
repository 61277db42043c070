import { useQuery } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { X } from 'lucide-react'
import type { Schemas } from '../api/client'
import { whyQuery } from '../api/queries'
import { isState, StateMark, type State } from '../parts/Glyph'
import { Loading, Trouble } from '../parts/Notice'
import { say } from '../parts/words'
import { RemedyList } from './Remedies'
import { phrase } from './phrase'

const words: Record<Exclude<Schemas['WhyView']['standing'], State>, string> = {
  done: phrase('this-is-what-is-done'),
  'would-do': phrase('it-would-do-something-else'),
  careful: phrase('it-would-do-with-care'),
  'not-asked': phrase('not-asked-for-here'),
}

/** Why a thing of the shelf is not used on a panel, with what would have to change. */
export function WhyAnswer(props: {
  jobId: string
  surfaceId: string
  itemId: string
  onTry: (needles: Schemas['Needles']) => void
}) {
  const why = useQuery(whyQuery(props.jobId, props.surfaceId, props.itemId))
  if (why.isPending) return <Loading what={phrase('fetching-the-reasons')} />
  if (why.isError) return <Trouble error={why.error} again={() => void why.refetch()} />
  const { standing, reasons, remedies } = why.data
  return (
    <div className="grid gap-3">
      {isState(standing) ? (
        <StateMark state={standing} />
      ) : (
        <p className="font-semibold">{words[standing]}</p>
      )}
      {reasons.length > 0 && (
        <ul className="grid gap-1.5" aria-label={phrase('reasons')}>
          {reasons.map((r) => (
            <li key={r.code + r.text} className="border-l-2 border-line pl-2">
              {r.text}{' '}
              <span className="text-note text-faint">{phrase('set-by-within', { setBy: say(r.setBy) })}</span>
            </li>
          ))}
        </ul>
      )}
      {remedies.length > 0 && standing !== 'done' && (
        <div className="border-l-4 border-l-tune pl-3">
          <h3 className="font-semibold">
            {standing === 'would-do' ? phrase('how-it-would-be-done') : phrase('what-would-have-to-change')}
          </h3>
          <RemedyList remedies={remedies} onTry={props.onTry} put={phrase('lay-it-on-the-rack')} />
        </div>
      )}
    </div>
  )
}

export function WhyDialog(props: {
  jobId: string
  surfaceId: string
  surface: string
  itemId: string
  item: string
  onTry: (needles: Schemas['Needles']) => void
  onClose: () => void
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 grid max-h-[85dvh] gap-3 overflow-auto bg-paper p-4 md:inset-x-auto md:top-[14vh] md:bottom-auto md:left-1/2 md:w-[min(92vw,36rem)] md:-translate-x-1/2"
        >
          <div className="flex items-start justify-between gap-3">
            <Dialog.Title className="text-do">
              {phrase('item-on-panel', { item: props.item, panel: props.surface })}
            </Dialog.Title>
            <Dialog.Close
              aria-label={phrase('close')}
              className="-m-2 inline-flex min-h-11 min-w-11 items-center justify-center"
            >
              <X size={20} />
            </Dialog.Close>
          </div>
          <WhyAnswer
            jobId={props.jobId}
            surfaceId={props.surfaceId}
            itemId={props.itemId}
            onTry={props.onTry}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
