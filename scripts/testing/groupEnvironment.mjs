import { TestEnvironment as NodeEnvironment } from 'jest-environment-node';

/** Gives the test file the runner's state: a group puts the tests of each of its files into a block of their own. */
export const withState = (Environment) =>
  class extends Environment {
    handleTestEvent({ name }, state) {
      if (name === 'setup') this.global.gyrusRunnerState = state;
    }
  };

export default withState(NodeEnvironment);
