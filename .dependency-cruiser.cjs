/**
 * The layers of the screens, inwards and downwards only: app → pages → features → lane → api, units, device, design.
 * Pages know nothing of each other; a feature uses those that are named for it here.
 */

/** Which other features a feature uses; one that is not named uses none. */
const FEATURES = {
  balls: ['forms', 'sensors'],
  booking: ['forms'],
  checks: ['balls', 'drill-results', 'sensors', 'session-steps'],
  'drill-results': [],
  'drill-run': ['balls', 'drill-results', 'sensors', 'session-steps'],
  'form-choices': [],
  forms: ['form-choices'],
  reports: ['drill-results'],
  sensors: [],
  'session-steps': [],
  share: [],
  simulation: [],
  stroke: [],
};

const JS = 'resources/js';

/** One rule a folder: it uses nothing of the screens but itself and what is named. */
const only = (folder, allowed) => ({
  name: `${folder}-uses-${allowed.join('-') || 'nothing'}`,
  severity: 'error',
  from: { path: `^${JS}/${folder}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^${JS}/`, pathNot: `^${JS}/(${[folder, ...allowed].join('|')})/` },
});

const GROUND = ['api', 'units', 'device', 'design'];

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    only('api', []),
    only('device', []),
    only('design', []),
    only('units', ['api']),
    only('lane', ['api', 'units', 'design']),
    ...Object.entries(FEATURES).map(([name, others]) =>
      only(`features/${name}`, [...GROUND, 'lane', ...others.map((other) => `features/${other}`)]),
    ),
    {
      name: 'a-feature-is-named-here',
      severity: 'error',
      from: { path: `^${JS}/features/`, pathNot: `^${JS}/features/(${Object.keys(FEATURES).join('|')})/` },
      to: {},
    },
    {
      name: 'pages-do-not-know-each-other-or-the-app',
      severity: 'error',
      from: { path: `^${JS}/pages/([^/]+)/`, pathNot: '\\.test\\.tsx?$' },
      to: { path: `^${JS}/(pages|app)/`, pathNot: `^${JS}/pages/$1/` },
    },
    {
      name: 'react-only-above-the-ground-rules',
      comment: 'Geometry and words of the lane are plain TypeScript.',
      severity: 'error',
      from: { path: `^${JS}/(lane|units)/.*\\.ts$`, pathNot: '(^|/)use[A-Z]|\\.test\\.ts$' },
      to: { path: 'node_modules/(react|styled-components)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json'] },
  },
};
