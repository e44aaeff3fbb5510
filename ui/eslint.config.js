import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const features = ['signin', 'jobs', 'brief', 'bench', 'dispatch'];

export default tseslint.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  ...tseslint.configs.strict,
  { plugins: { 'react-hooks': hooks }, rules: { ...hooks.configs.recommended.rules } },
  {
    // Screens meet only at their index.
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: features.map((f) => ({ group: [`**/screens/${f}/*`], message: `Import from screens/${f}.` })) },
      ],
    },
  },
  {
    // Pure logic stays free of React.
    files: ['src/format/**', 'src/drawing/paper.ts', 'src/screens/bench/logic.ts'],
    rules: { 'no-restricted-imports': ['error', { paths: ['react', 'antd'] }] },
  },
);
