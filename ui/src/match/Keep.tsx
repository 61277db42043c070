import { Hand, RotateCcw } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import type { useDecisions } from './useDecisions'
import { phrase } from './phrase'

/** Keeps needles set by hand, or goes back to the match's own choice. */
export function Keep(props: {
  reading: Schemas['Reading']
  moved: boolean
  byHand: Schemas['ByHandView'] | undefined
  decisions: ReturnType<typeof useDecisions>
  onReset: () => void
}) {
  const { reading, moved, byHand, decisions, onReset } = props
  const [asking, setAsking] = useState(false)
  const [reason, setReason] = useState('')
  const refused = ['over', 'barred', 'unknown'].includes(reading.outcome)
  const caution = reading.outcome === 'care'
  const save = () =>
    decisions.keep.mutate(
      { needles: reading.needles, reason: reason.trim() || undefined },
      { onSuccess: () => setAsking(false) },
    )
  return (
    <div className="grid gap-2">
      {byHand && (
        <p className="border-l-4 border-l-needle pl-3">
          <strong>{byHand.followed ? phrase('set-by-hand') : phrase('set-by-hand-and-not')}</strong>{' '}
          {byHand.reason}
          {!byHand.followed && <> {phrase('something-rules-it-out-now')}</>}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() => {
            onReset()
            setAsking(false)
            if (byHand) decisions.reset.mutate()
          }}
          disabled={(!moved && !byHand) || decisions.reset.isPending}
          className="px-3"
        >
          <RotateCcw size={16} aria-hidden="true" /> {phrase('attunes-choice')}
        </Button>
        {moved && !asking && (
          <Button
            weight="main"
            disabled={refused || decisions.keep.isPending}
            onClick={() => (caution ? setAsking(true) : save())}
          >
            <Hand size={16} aria-hidden="true" /> {phrase('keep-these-needles')}
          </Button>
        )}
      </div>
      {moved && refused && <p className="text-note text-faint">{phrase('what-the-finish-a-label')}</p>}
      {asking && moved && (
        <form
          className="grid gap-2 border-l-4 border-l-care pl-3"
          onSubmit={(e) => {
            e.preventDefault()
            save()
          }}
        >
          <TextField
            label={phrase('why-this-caution-is-overridden')}
            value={reason}
            onChange={setReason}
            maxLength={400}
            required
          />
          <div className="flex gap-2">
            <Button type="submit" weight="main" disabled={reason.trim() === ''}>
              {phrase('keep-with-this-reason')}
            </Button>
            <Button weight="quiet" onClick={() => setAsking(false)}>
              {phrase('leave-it')}
            </Button>
          </div>
        </form>
      )}
      {decisions.keep.error && <Trouble error={decisions.keep.error} />}
      {decisions.reset.error && <Trouble error={decisions.reset.error} />}
    </div>
  )
}
