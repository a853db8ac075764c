import { TextDecoder, TextEncoder } from 'node:util';
import fc from 'fast-check';

// One seed for every property: a failure on one machine is the same on another, and CI never fails by chance.
fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: 1964 });

// The router asks for both as it is loaded; a page in jsdom has neither.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
