// Runs a script of this folder on a Node.js that is new enough, or says in one sentence that it is not. Written so that
// any Node.js can read it: node scripts/needNode.cjs start.mjs [options]
var path = require('path');

/** The same as "engines" in package.json: the first of each line that the dependencies run on. */
var NEEDED = [
  [20, 19],
  [22, 13],
  [24, 11],
];

function isNewEnough(version) {
  var parts = version.split('.').map(Number);
  return (
    parts[0] > NEEDED[NEEDED.length - 1][0] ||
    NEEDED.some(function (least) {
      return parts[0] === least[0] && parts[1] >= least[1];
    })
  );
}

function words(version) {
  var list = NEEDED.map(function (least) {
    return least.join('.');
  });
  return (
    'Gyrus needs Node.js ' +
    list.slice(0, -1).join(' or ') +
    ' or ' +
    list[list.length - 1] +
    ' or newer, and this is ' +
    version +
    ': install one of them, then start again.'
  );
}

module.exports = { NEEDED: NEEDED, isNewEnough: isNewEnough, words: words };

if (require.main === module) {
  if (isNewEnough(process.versions.node)) {
    process.argv.splice(1, 2, path.join(__dirname, process.argv[2]));
    require('./lib/importIt.cjs')(process.argv[1]);
  } else {
    console.error(words(process.versions.node));
    process.exit(1);
  }
}
