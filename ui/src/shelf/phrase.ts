import messages from '../words/en/shelf.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
