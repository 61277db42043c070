import type { Schemas } from '../api/client'
import { TextField } from '../parts/controls'
import { Amount } from '../shelf/record'
import { phrase } from './phrase'

type Letterhead = Schemas['Papers']

/** What stands on quotes, hand-overs and sheets beside the shop's name. */
export function Papers({
  papers = {},
  onChange,
  at,
}: {
  papers?: Letterhead
  onChange: (papers: Letterhead) => void
  at: (field: string) => string | undefined
}) {
  const set = (part: Letterhead) => onChange({ ...papers, ...part })
  return (
    <fieldset className="grid gap-3">
      <legend className="text-do font-semibold">{phrase('on-quotes-hand-overs-and')}</legend>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label={phrase('address')}
          value={papers.address ?? ''}
          onChange={(address) => set({ address })}
          maxLength={300}
          lines={3}
          fault={at('papers/address')}
        />
        <TextField
          label={phrase('telephone-web')}
          value={papers.contact ?? ''}
          onChange={(contact) => set({ contact })}
          maxLength={200}
          lines={3}
          fault={at('papers/contact')}
        />
      </div>
      <TextField
        label={phrase('terms-at-the-foot-of')}
        value={papers.terms ?? ''}
        onChange={(terms) => set({ terms })}
        maxLength={800}
        lines={2}
        fault={at('papers/terms')}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <Amount
          label={phrase('a-quote-is-good-for')}
          value={papers.quoteDays ?? undefined}
          onChange={(quoteDays) => set({ quoteDays })}
          note={phrase('30-where-left-empty')}
          fault={at('papers/quoteDays')}
        />
      </div>
    </fieldset>
  )
}
