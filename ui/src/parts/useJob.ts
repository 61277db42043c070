import { useOutletContext } from 'react-router'
import type { Schemas } from '../api/client'

/** The job in hand, for the views inside its frame. */
export const useJob = () => useOutletContext<Schemas['JobDetail']>()
