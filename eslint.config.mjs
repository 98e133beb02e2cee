import query from '@tanstack/eslint-plugin-query'
import hooks from 'eslint-plugin-react-hooks'
import typescript from 'typescript-eslint'

// Formatting is Prettier's, types are tsc's; here stand the rules that neither knows.
export default typescript.config(
  { ignores: ['web/api/schema.d.ts', 'public/**', 'vendor/**', 'var/**'] },
  {
    files: ['web/**/*.{ts,tsx}', 'tests/Browser/**/*.ts'],
    extends: [typescript.configs.recommended],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-unused-expressions': ['error', { allowTernary: true, allowShortCircuit: true }],
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  ...query.configs['flat/recommended'].map((one) => ({ ...one, files: ['web/**/*.{ts,tsx}'] })),
)
