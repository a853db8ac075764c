/**
 * Reads one test file of a group: its tests and hooks go into a block of its own, named after it. A file that cannot be read is a test that
 * fails.
 */
export async function readFile(name, load) {
  const state = globalThis.gyrusRunnerState;
  describe(name, () => {});
  const top = state.currentDescribeBlock;
  state.currentDescribeBlock = top.children.at(-1);
  try {
    await load();
  } catch (error) {
    test('is read', () => {
      throw error;
    });
  } finally {
    state.currentDescribeBlock = top;
  }
}
