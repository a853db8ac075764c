// Of its own: a Node.js that does not know import() cannot even read a file that has it.
const { pathToFileURL } = require('node:url');

module.exports = (file) => import(pathToFileURL(file).href);
