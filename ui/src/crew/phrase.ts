import messages from '../words/en/crew.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
