import messages from '../words/en/pair.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
