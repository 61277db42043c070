import messages from './en/words.json'
import { phrases } from './phrases'

export const phrase = phrases(messages)
