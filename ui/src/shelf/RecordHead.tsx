import { Button, ButtonLink } from '../parts/controls'
import { phrase } from './phrase'

/** What a record of the shelf is called, and what can be done with it as a whole. */
export function RecordHead(props: {
  name: string
  like?: string
  archived: boolean
  busy: boolean
  onArchive: () => void
}) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-2">
      <h1 className="text-head">{props.name}</h1>
      {props.like && (
        <div className="flex flex-wrap gap-2">
          <ButtonLink to={props.like}>{phrase('duplicate')}</ButtonLink>
          <Button onClick={props.onArchive} disabled={props.busy}>
            {props.archived ? phrase('back-on-the-shelf') : phrase('archive')}
          </Button>
        </div>
      )}
    </div>
  )
}
