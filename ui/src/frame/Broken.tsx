import { Button, ButtonLink } from '../parts/controls'
import { Empty } from '../parts/Notice'
import { phrase } from './phrase'

/** In place of a view that could not be fetched or drawn, such as one of a build that is gone. */
export function Broken() {
  return (
    <div className="p-4" role="alert">
      <Empty title={phrase('this-page-cannot-be-shown')}>
        <p>{phrase('load-it-anew-what-you')}</p>
        <div className="flex flex-wrap gap-2">
          <Button weight="main" onClick={() => window.location.reload()}>
            {phrase('load-it-anew')}
          </Button>
          <ButtonLink to="/">{phrase('to-the-day')}</ButtonLink>
        </div>
      </Empty>
    </div>
  )
}
