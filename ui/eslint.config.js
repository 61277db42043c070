import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

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
)
