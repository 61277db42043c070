import { Dialog } from 'radix-ui'
import type { DrawnPanel } from './cabin'
import { phrase } from './phrase'

/** Asks which panel a finger meant where several lie under it. */
export function Meant(props: { panels: DrawnPanel[]; onPick: (id: string) => void; onClose: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="lying fixed inset-x-2 bottom-2 z-50 grid max-h-[70dvh] gap-2 overflow-y-auto p-3"
        >
          <Dialog.Title className="text-do">{phrase('which-one')}</Dialog.Title>
          {props.panels.map((panel) => (
            <button
              key={panel.id}
              type="button"
              onClick={() => props.onPick(panel.id)}
              className="min-h-14 border border-line-strong bg-paper px-4 text-left font-semibold"
            >
              {panel.label}
            </button>
          ))}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
