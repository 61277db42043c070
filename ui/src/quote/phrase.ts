import messages from '../words/en/quote.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
