import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const NO_CLOCK = {
  selector: "NewExpression[callee.name='Date']",
  message: 'The core knows no clock: pass the date in.',
};

/** A part is asked through its shape's module. */
const SHAPE_BY_SHAPE = {
  selector:
    "BinaryExpression[left.property.name='shape'][right.value=/^(bar|sheet|line|fill|block)$/], SwitchStatement[discriminant.property.name='shape'][discriminant.object.name='part']",
  message: 'Which shape a part has is asked in core/design/shapes: use shapeOf, asShape or ofShape.',
};

/** Where something stands is asked through the module of its stand. */
const STAND_BY_STAND = {
  selector:
    "BinaryExpression[left.property.name='on'][right.value=/^(bed|beds|path|spot|run)$/], SwitchStatement[discriminant.property.name='on']",
  message: 'How a structure stands is asked in core/site/stands: use standOf, footholdOf, asStand or asPlace.',
};

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/.next/**',
      '.data/**',
      'web/next-env.d.ts',
      'web/server/migrations/**',
      'test-results/**',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...ts.configs.recommended],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      // The core answers; it knows no screen, clock or chance. What it may import, dependency-cruiser holds.
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'process',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
      'no-restricted-syntax': ['error', NO_CLOCK, SHAPE_BY_SHAPE, STAND_BY_STAND],
    },
  },
  {
    files: ['web/**/*.ts', 'web/**/*.tsx'],
    ignores: ['web/**/*.test.ts', 'web/e2e/**'],
    rules: { 'no-restricted-syntax': ['error', SHAPE_BY_SHAPE, STAND_BY_STAND] },
  },
  {
    // Browsers have it only over https and on the machine itself: `kept/new-id.ts`.
    files: ['web/views/**', 'web/ui/**', 'web/kept/**'],
    rules: { 'no-restricted-properties': ['error', { object: 'crypto', property: 'randomUUID' }] },
  },
  {
    // Modules know themselves; what brings old documents up knows what they said.
    files: ['core/design/shapes/*.ts', 'core/site/stands/*.ts', 'core/formats/upgrade.ts', 'core/**/*.fixture.ts'],
    rules: { 'no-restricted-syntax': ['error', NO_CLOCK] },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['web/**/*.tsx'],
    ...a11y.flatConfigs.strict,
    rules: {
      ...a11y.flatConfigs.strict.rules,
      // What scrolls sideways has to be reached by the keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region'] }],
    },
  },
  {
    files: ['**/*.mjs'],
    languageOptions: {
      globals: {
        AbortController: 'readonly',
        process: 'readonly',
        document: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        console: 'readonly',
      },
    },
  },
  {
    // What keeps pages without a network is a worker of the browser's own.
    files: ['web/public/*.js'],
    languageOptions: {
      globals: {
        AbortController: 'readonly',
        Request: 'readonly',
        Response: 'readonly',
        URL: 'readonly',
        caches: 'readonly',
        clearTimeout: 'readonly',
        fetch: 'readonly',
        self: 'readonly',
        setTimeout: 'readonly',
      },
    },
  },
);
