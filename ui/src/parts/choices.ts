import type { ReactNode } from 'react'

/** One of the choices of a field. */
export type Option<T extends string = string> = { value: T; label: ReactNode; hint?: string }

/** The codes a field may have, whether it may be left out or not. */
export type CodeOf<T> = NonNullable<T> extends (infer One)[] ? One : NonNullable<T>

/** A choice for each code there is, with its words: the compiler finds the one that is missing. */
export const choices = <T extends string>(
  words: Record<T, string | readonly [label: string, hint: string]>,
): Option<T>[] =>
  (Object.keys(words) as T[]).map((value) => {
    const said = words[value]
    return typeof said === 'string' ? { value, label: said } : { value, label: said[0], hint: said[1] }
  })
