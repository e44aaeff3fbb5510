import { ESLint } from 'eslint';
import { expect, test } from 'vitest';

const linter = new ESLint();

/** What the linter says of a file that would stand at a place; the file itself need not be there. */
async function said(filePath: string, code: string): Promise<string[]> {
  const [result] = await linter.lintText(code, { filePath });
  return result?.messages.map((m) => m.message) ?? [];
}

test('a feature may not reach into another', async () => {
  expect(await said('src/features/jobs/wrong.ts', "export { scoped } from '../bench/logic';\n")).toEqual([
    'Features meet only at their index.',
  ]);
  expect(await said('src/features/jobs/right.ts', "export { BenchScreen } from '../bench';\n")).toEqual([]);
});

test('what is shared knows no feature, and a feature knows no shell', async () => {
  expect(await said('src/shared/kit/wrong.ts', "export { BenchScreen } from '../../features/bench';\n")).toEqual([
    'What is shared knows no feature.',
  ]);
  expect(await said('src/features/jobs/wrong.ts', "export { Shell } from '../../shell/Shell';\n")).toEqual([
    'A feature knows no shell.',
  ]);
});

test('controls come from the kit', async () => {
  expect(await said('src/features/jobs/Wrong.tsx', 'export const wrong = <button>Go</button>;\n')).toEqual([
    'A button comes from the component kit.',
  ]);
});
