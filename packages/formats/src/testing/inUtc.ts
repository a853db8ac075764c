import { type ShopMoment } from '../words/moment.ts';

/** A moment in a shop that goes by UTC. */
export const inUtc = (at: string): ShopMoment => ({ at: new Date(at), zone: 'UTC' });
