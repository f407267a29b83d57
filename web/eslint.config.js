import js from '@eslint/js'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['node_modules', 'dist', 'src/api/generated'] },
  js.configs.recommended,
  tseslint.configs.recommendedTypeChecked,
  jsxA11y.flatConfigs.strict,
  // the rules of hooks and those of the React compiler
  reactHooks.configs.flat['recommended-latest'],
  {
    languageOptions: {
      globals: globals.browser,
      parserOptions: {
        projectService: { allowDefaultProject: ['eslint.config.js', '*.mjs'] },
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      // a field takes the focus only where the maker has just asked for it
      'jsx-a11y/no-autofocus': 'off',
    },
    linterOptions: { reportUnusedDisableDirectives: 'error' },
  },
  {
    files: ['eslint.config.js', '*.mjs'],
    extends: [tseslint.configs.disableTypeChecked],
    languageOptions: { globals: globals.node },
  },
  {
    // doubles answer as the real thing does, at once
    files: ['**/*.test.ts', '**/*.test.tsx'],
    rules: { '@typescript-eslint/require-await': 'off', '@typescript-eslint/no-unsafe-argument': 'off' },
  },
)
