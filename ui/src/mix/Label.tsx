import { Dialog } from 'radix-ui'
import { useEffect } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { dayOf, ml } from '../parts/words'

/** A bottle's label: on screen as a check, on paper alone. */
export function Label(props: {
  mix: Schemas['MixFile']
  product: Schemas['ProductFile'] | undefined
  onClose: () => void
}) {
  const { mix, product } = props
  useEffect(() => {
    document.body.classList.add('printing-label')
    return () => document.body.classList.remove('printing-label')
  }, [])
  return (
    <Dialog.Root open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="no-print fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,26rem)] -translate-x-1/2 -translate-y-1/2 bg-paper p-4 print:static print:w-[90mm] print:translate-0 print:p-0"
        >
          <div className="print-label grid gap-1 border-2 border-ink p-3">
            <Dialog.Title className="text-do">{product?.name}</Dialog.Title>
            <p className="text-big leading-none font-bold">{mix.ratio}</p>
            <p>{mix.words}</p>
            <p>
              {ml(mix.productMl)} product + {ml(mix.waterMl)} water
            </p>
            <p>{mix.effectivePh ? `pH ${mix.effectivePh.low} to ${mix.effectivePh.high}` : 'pH not known'}</p>
            <p>
              Mixed {dayOf(new Date().toISOString())}
              {product?.hazards?.length ? ` · ${product.hazards.join(' ')}` : ''}
            </p>
            <p className="text-note">
              Keep from children. Never into a food bottle. The safety data sheet decides.
            </p>
          </div>
          <div className="no-print mt-3 flex gap-2">
            <Button weight="main" onClick={() => window.print()}>
              Print
            </Button>
            <Button onClick={props.onClose}>Close</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
