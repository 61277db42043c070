import messages from '../words/en/search.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
