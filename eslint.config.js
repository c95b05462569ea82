import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const SERVER = { name: '@/api/client', importNames: ['api'], message: 'Name the call in api/.' };
const FINISHES = { regex: '^@/finishes(?!/finish$)', message: 'Take it from the FinishUi that is handed in.' };

export default ts.config(
    { ignores: ['vendor', 'node_modules', 'public', 'var', 'resources/ui/api/types.ts'] },
    ts.configs.recommended,
    {
        plugins: { 'react-hooks': hooks },
        rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
    },
    { files: ['resources/ui/**/*.tsx'], ...a11y.flatConfigs.recommended },
    {
        // What doesn't fit on a screen or two is several things.
        files: ['resources/ui/**/*.tsx'],
        rules: { 'max-lines-per-function': ['error', { max: 120 }] },
    },
    {
        // Only api/ speaks to the server.
        files: ['resources/ui/**'],
        ignores: ['resources/ui/api/**'],
        rules: { 'no-restricted-imports': ['error', { paths: [SERVER] }] },
    },
    {
        // What is drawn knows no finish: it is handed one.
        files: ['resources/ui/drawing/**'],
        rules: { 'no-restricted-imports': ['error', { paths: [SERVER], patterns: [FINISHES] }] },
    },
);
