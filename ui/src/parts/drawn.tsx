import { Children, type ReactNode } from 'react'
import { Link } from 'react-router'

/** What a phrase has in bold. */
export const strong = (inside: ReactNode[]) => <strong>{Children.toArray(inside)}</strong>

/** In bold, and in the ink of a limit passed. */
export const over = (inside: ReactNode[]) => <strong className="text-over">{Children.toArray(inside)}</strong>

/** In bold, where the rest of the line is faint. */
export const inked = (inside: ReactNode[]) => <strong className="text-ink">{Children.toArray(inside)}</strong>

/** An amount to be read at arm's length. */
export const large = (inside: ReactNode[]) => <strong className="text-do">{Children.toArray(inside)}</strong>

/** A link in a sentence. */
export const linkTo = (path: string) =>
  function linked(inside: ReactNode[]) {
    return (
      <Link to={path} className="underline underline-offset-4">
        {Children.toArray(inside)}
      </Link>
    )
  }

/** What is typed as it stands. */
export const code = (inside: ReactNode[]) => <code>{Children.toArray(inside)}</code>
