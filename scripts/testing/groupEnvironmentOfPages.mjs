import { TestEnvironment as JsdomEnvironment } from 'jest-environment-jsdom';
import { withState } from './groupEnvironment.mjs';

/** The same with a document. */
export default withState(JsdomEnvironment);
