import { Button, ButtonLink } from '../parts/controls'

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
          <ButtonLink to={props.like}>Duplicate</ButtonLink>
          <Button onClick={props.onArchive} disabled={props.busy}>
            {props.archived ? 'Back on the shelf' : 'Archive'}
          </Button>
        </div>
      )}
    </div>
  )
}
