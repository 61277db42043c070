import messages from '../words/en/care.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
