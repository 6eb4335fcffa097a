const { transformSync } = require('esbuild');

/**
 * Shortens a module for the bundler, as its own minifier does, in less time.
 *
 * @param module its code, its source map and the names that have to stay
 * @returns the shorter code and its map
 */
module.exports = function minify({ code, map, filename }) {
  const made = transformSync(code, {
    minify: true,
    target: 'es2022',
    legalComments: 'none',
    sourcefile: filename,
    sourcemap: map ? 'external' : false,
  });
  return { code: made.code.trimEnd(), map: map ? JSON.parse(made.map) : undefined };
};
