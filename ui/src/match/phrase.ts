import messages from '../words/en/match.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
