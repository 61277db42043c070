import messages from '../words/en/shop.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
