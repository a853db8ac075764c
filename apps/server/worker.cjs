// The pool requires its worker. An ES module that is required is linked at one go, and where the thread is given up in the middle of
// that, Node.js ends the whole process. So what is required is this, and the worker is imported.
const worker = import('./dist/workers/worker.js');

for (const name of ['sheet', 'picture', 'issue', 'layOut', 'jobFile'])
  exports[name] = async (task) => (await worker)[name](task);
