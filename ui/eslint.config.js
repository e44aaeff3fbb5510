import boundaries from 'eslint-plugin-boundaries';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Elements that people work with come from the component kit; what the kit draws in the end is its own affair. */
const RAW = ['button', 'input', 'select', 'textarea', 'dialog'];

const on = (...types) => types.map((type) => ({ element: { type } }));

export default tseslint.config(
  { ignores: ['dist', 'src/shared/api/schema.d.ts'] },
  ...tseslint.configs.strict,
  { plugins: { 'react-hooks': hooks }, rules: { ...hooks.configs.recommended.rules } },
  {
    // The shell knows the features, the features know what is shared; features meet only at their index.
    files: ['src/**'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { node: { extensions: ['.ts', '.tsx', '.css'] } },
      'boundaries/elements': [
        { type: 'shell', pattern: 'src/shell' },
        { type: 'feature', pattern: 'src/features/*', capture: ['name'] },
        { type: 'shared', pattern: 'src/shared/*', capture: ['name'] },
      ],
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'allow',
          policies: [
            {
              from: { element: { type: 'shared' } },
              disallow: { to: on('shell', 'feature') },
              message: 'What is shared knows no feature.',
            },
            {
              from: { element: { type: ['shell', 'feature'] } },
              disallow: { to: { element: { type: 'feature', fileInternalPath: '!index.ts' } } },
              message: 'Features meet only at their index.',
            },
            {
              from: { element: { type: 'feature' } },
              disallow: { to: on('shell') },
              message: 'A feature knows no shell.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['src/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...RAW.map((name) => ({
          selector: `JSXOpeningElement[name.name='${name}']`,
          message: `A ${name} comes from the component kit.`,
        })),
      ],
    },
  },
  {
    // Pure logic stays free of React.
    files: ['src/shared/format/**', 'src/shared/drawing/paper.ts', 'src/features/*/logic.ts'],
    rules: { 'no-restricted-imports': ['error', { paths: ['react', 'antd'] }] },
  },
);
