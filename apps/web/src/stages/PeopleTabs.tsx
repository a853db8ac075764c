import { PageTabs } from '../shared/frame/PageTabs.tsx';

const PAGES = [
  { to: '../harness', text: 'Harness' },
  { to: '../driver', text: 'Driver' },
];

/** Between the pages about the people in the cage. */
export const PeopleTabs = () => <PageTabs label="People in the cage" pages={PAGES} />;
