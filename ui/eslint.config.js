import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

const unphrased = [
  ':not(JSXElement[openingElement.name.name=code]) > JSXText[value=/[A-Za-z]{2}/]',
  'JSXAttribute[name.name=/^(aria-label|alt|hint|label|note|placeholder|says|title|what)$/] > Literal[value=/[a-z]{2} |[A-Z][a-z]/]',
  ':matches(JSXElement, JSXFragment) > JSXExpressionContainer Literal[value=/[a-z]{2} [a-z]/]:not(JSXAttribute *)',
  ':matches(JSXElement, JSXFragment) > JSXExpressionContainer TemplateElement[value.raw=/[a-z]{3}/]:not(JSXAttribute *)',
].map((selector) => ({ selector, message: 'Put what is read into the catalogue of its area, src/words/en.' }))

export default tseslint.config(
  { ignores: ['target', 'src/api/schema.ts', 'scripts'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  hooks.configs.flat.recommended,
  {
    files: ['src/**'],
    ignores: ['src/api/clock.ts', 'src/**/*.test.*'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'], CallExpression[callee.object.name='Date']",
          message: 'Ask api/clock: screens go by the shop, not by their device.',
        },
      ],
    },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['src/**/*.test.*'],
    rules: { 'no-restricted-syntax': ['error', ...unphrased] },
  },
)
