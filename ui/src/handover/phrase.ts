import messages from '../words/en/handover.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
