import { type MessagePort } from 'node:worker_threads';
import { type Fault } from '@gyrus/core';

/** What a worker is asked: the work, and where it says that it has begun. */
export interface Task<Asked> {
  asked: Asked;
  begun: MessagePort;
}

/** What came of it: bytes to send and how many pages they are, where they have pages; or why there are none. */
export type MadeSheet = { bytes: Uint8Array; pages: number | null } | { fault: Fault<string> };
