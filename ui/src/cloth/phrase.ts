import messages from '../words/en/cloth.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
