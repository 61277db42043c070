import messages from '../words/en/bench.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
