import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const SERVER = { name: '@/api/client', importNames: ['api'], message: 'Name the call in api/.' };
const ADDRESS = 'Name the address in api/.';
const LOOSE = 'Name the size or colour in @theme, in page.css.';
const inText = (pattern, message) =>
    [`Literal[value=/${pattern.replaceAll('/', '\\/')}/]`, `TemplateElement[value.raw=/${pattern.replaceAll('/', '\\/')}/]`].map(
        (selector) => ({ selector, message }),
    );

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
        // Only api/ speaks to the server, and knows its addresses; sizes of type and colours are named once, in page.css.
        files: ['resources/ui/**'],
        ignores: ['resources/ui/api/**'],
        rules: {
            'no-restricted-imports': ['error', { paths: [SERVER] }],
            'no-restricted-syntax': ['error', ...inText('^/api/', ADDRESS), ...inText('text-\\[[0-9.]+px|-\\[#|rgb\\(', LOOSE)],
        },
    },
);
