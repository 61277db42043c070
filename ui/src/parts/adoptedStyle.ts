import { useEffect } from 'react'

/**
 * Stands in for react-style-singleton, which writes a style element where the page's policy lets
 * none in: the same styles as a sheet the document adopts. They are there while anybody uses them.
 */
export function styleSingleton() {
  const users: symbol[] = []
  let sheet: CSSStyleSheet | undefined
  return function Style({ styles }: { styles: string }) {
    useEffect(() => {
      const user = Symbol()
      users.push(user)
      if (!sheet) {
        sheet = new CSSStyleSheet()
        sheet.replaceSync(styles)
        document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]
      }
      return () => {
        users.splice(users.indexOf(user), 1)
        if (users.length > 0) return
        document.adoptedStyleSheets = document.adoptedStyleSheets.filter((other) => other !== sheet)
        sheet = undefined
      }
    }, [styles])
    return null
  }
}
