import { Printer } from 'lucide-react'
import { phrase } from './phrase'

const sizes = [
  { size: '57x32', says: phrase('57-32-mm') },
  { size: '89x36', says: phrase('89-36-mm') },
  { size: '100x62', says: phrase('100-62-mm') },
  { size: 'a4', says: phrase('a4-sheet-of-8') },
  { size: 'letter', says: phrase('letter-sheet-of-10') },
]

/** A bottle's label as a PDF, in each size there is stock for. */
export function LabelLinks(props: { productId: string; ratio: string; bottleMl: number }) {
  const of = (size: string) =>
    `/api/v1/mix/label.pdf?${new URLSearchParams({
      productId: props.productId,
      ratio: props.ratio,
      bottleMl: String(props.bottleMl),
      size,
    })}`
  return (
    <p className="flex flex-wrap items-center gap-x-4">
      <span className="inline-flex items-center gap-1.5">
        <Printer size={18} aria-hidden="true" /> {phrase('label')}
      </span>
      {sizes.map(({ size, says }) => (
        <a
          key={size}
          href={of(size)}
          target="_blank"
          rel="noreferrer"
          aria-label={phrase('label-as-pdf', { says })}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {says}
        </a>
      ))}
    </p>
  )
}
