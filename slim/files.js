const fs = require('node:fs');
const path = require('node:path');

/** Lists the source files below a folder. */
const filesIn = (dir) =>
  fs.readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(dir, entry.name);
    return entry.isDirectory() ? filesIn(at) : [at];
  });

module.exports = { filesIn };
