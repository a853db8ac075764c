import { useParams } from 'react-router';
import { PageTabs } from '../../shared/frame/PageTabs.tsx';

/** Between the order of building and the tube that it is built from. */
export function BuildTabs() {
  const { jobId = '' } = useParams();
  const from = `/jobs/${jobId}/build`;
  const pages = [
    { to: from, text: 'Order of build' },
    { to: `${from}/tube`, text: 'Cut plan' },
  ];
  return <PageTabs label="Build" pages={pages} />;
}
