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
    {
        files: ['resources/ui/**/*.tsx'],
        plugins: a11y.flatConfigs.recommended.plugins,
        rules: {
            ...a11y.flatConfigs.recommended.rules,
            // What opens by one's own act takes the focus: the hand wanted to be there.
            'jsx-a11y/no-autofocus': 'off',
            // What scrolls and holds nothing to press is reached by Tab, as axe wants it.
            'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: ['ol'], roles: ['tabpanel'] }],
            // Keys among the answers of a list bubble up to the list.
            'jsx-a11y/no-noninteractive-element-interactions': ['error', { handlers: ['onClick', 'onMouseDown', 'onMouseUp'] }],
        },
    },
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
