import type { ReactNode } from 'react'
import { Button } from './controls'
import { phrase } from './phrase'

/** The foot of a form: save, and whether there is anything to save. */
export function SaveLine(props: { label?: string; disabled: boolean; says: ReactNode; sticky?: boolean }) {
  return (
    <div
      className={`flex flex-wrap items-center gap-3 ${props.sticky ? 'sticky bottom-0 bg-ground py-2' : ''}`}
    >
      <Button type="submit" weight="main" disabled={props.disabled}>
        {props.label ?? phrase('save')}
      </Button>
      <span role="status" className="text-note text-faint">
        {props.says}
      </span>
    </div>
  )
}
