import messages from '../words/en/mix.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
