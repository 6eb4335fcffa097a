// Moments are written in the zone of the machine: in tests that is always the same one.
process.env.TZ = 'UTC';

/** The core, its command line and the demo: plain Node, nothing of the interface. */
const core = {
  displayName: 'core',
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/scripts/propertySeed.js'],
  roots: ['<rootDir>/core', '<rootDir>/cli', '<rootDir>/demo', '<rootDir>/server'],
  transform: {
    '\\.[jt]s$': [
      'babel-jest',
      {
        configFile: false,
        presets: ['@babel/preset-typescript'],
        plugins: [
          '@babel/plugin-transform-dynamic-import',
          '@babel/plugin-transform-modules-commonjs',
        ],
      },
    ],
  },
  // Packages that ship as modules only.
  transformIgnorePatterns: ['node_modules/(?!(d3-.*|internmap|intl-messageformat|@formatjs)/)'],
};

/** What is kept and what is shown, on the web build of the libraries. */
const web = {
  displayName: 'web',
  preset: 'jest-expo/web',
  setupFiles: ['<rootDir>/scripts/propertySeed.js', '<rootDir>/scripts/fakeBrowser.js'],
  roots: ['<rootDir>/data', '<rootDir>/ui', '<rootDir>/screens'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/$1',
    // The build of the PDF writer that Node reads.
    '^jspdf$': 'jspdf/dist/jspdf.node.min.js',
  },
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native|@react-native-async-storage|expo|@expo|react-native-.*|d3-.*|internmap|yup|intl-messageformat|@formatjs)/)',
  ],
};

module.exports = { projects: [core, web], testTimeout: 30_000 };
