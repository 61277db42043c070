import type { ReactNode } from 'react'
import { useMay, type Right } from './door'

/** What only some may do is not offered to the others. */
export function May({ right, children }: { right: Right; children: ReactNode }) {
  const may = useMay()
  return may(right) ? children : null
}
