import { useParams } from 'react-router';
import { PageTabs } from '../../shared/frame/PageTabs.tsx';

/** Between the rules, the cage as it was built, and what was done to it. */
export function InspectTabs() {
  const { jobId = '' } = useParams();
  const from = `/jobs/${jobId}/inspect`;
  const pages = [
    { to: from, text: 'Rules' },
    { to: `${from}/as-built`, text: 'As built' },
    { to: `${from}/history`, text: 'History' },
  ];
  return <PageTabs label="Inspect" pages={pages} />;
}
