import messages from '../words/en/parts.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
