/** The folders of the page's code, each of which may use those named before it. The views stand beside each other and use none of themselves. */
const LAYERS = [
    'notices',
    'undo',
    'api',
    'keys',
    'common',
    'drawing',
    'words',
    'finishes',
    'silhouette',
    'marks',
    'names',
    'pictures',
    'lines',
    'sentence',
];
const VIEWS = [
    'bench',
    'client',
    'house-finishes',
    'labs',
    'make',
    'order-sheet',
    'orders',
    'parcel',
    'review',
    'sign-in',
    'studio',
    'wall',
];
const UI = '^resources/ui/';
const within = (folders) => `${UI}(${folders.join('|')})/`;

export default {
    forbidden: [
        { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
        ...LAYERS.map((layer, i) => ({
            name: `${layer}-uses-only-what-is-below-it`,
            severity: 'error',
            from: { path: within([layer]) },
            to: { path: within([...LAYERS.slice(i + 1), ...VIEWS]) },
        })),
        ...VIEWS.map((view) => ({
            name: `${view}-uses-no-other-view`,
            severity: 'error',
            from: { path: within([view]) },
            to: { path: within(VIEWS.filter((other) => other !== view)) },
        })),
        {
            name: 'every-folder-has-its-place',
            comment: 'A new folder is named above.',
            severity: 'error',
            from: {},
            to: { path: `${UI}[^/]+/`, pathNot: within([...LAYERS, ...VIEWS]) },
        },
        {
            name: 'only-api-asks-the-server',
            severity: 'error',
            from: { path: UI, pathNot: [within(['api']), `${UI}main.tsx$`] },
            to: { path: '@tanstack/react-query' },
        },
    ],
    options: {
        doNotFollow: { path: 'node_modules' },
        tsPreCompilationDeps: true,
        tsConfig: { fileName: 'tsconfig.json' },
    },
};
