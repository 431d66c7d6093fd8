import boundaries from 'eslint-plugin-boundaries';
import next from 'eslint-config-next/core-web-vitals';
import tseslint from 'typescript-eslint';
import { MAY } from './scripts/storeys.mjs';

/** Storeys that hold components and hooks. */
const REACT = ['src/{app,features,state,ui}/**/*.{ts,tsx}'];

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      'dist/**',
      'node_modules/**',
      'src/db/migrations/**',
      'next-env.d.ts',
      '.demo-data/**',
      'data*/**',
    ],
  },
  // React's rules where there is React; elsewhere they find nothing, and take a sixth of the time.
  ...next.map((c) => (c.name === 'next' ? { ...c, files: REACT } : c)),
  ...tseslint.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: './tsconfig.json' } },
      'boundaries/elements': Object.keys(MAY).map((type) => ({
        type,
        pattern: `src/${type}`,
        partialMatch: false,
      })),
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: Object.entries(MAY).map(([from, to]) => ({
            from: { element: { type: from } },
            allow: { to: { element: { type: [...to] } } },
          })),
        },
      ],
    },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@next/next/no-img-element': 'off',
    },
  },
  { files: REACT, rules: { 'react-hooks/set-state-in-effect': 'off' } },
);
