import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { Header } from '../shared/frame/Header.tsx';

interface ShopSubPageProps {
  title: string;
  /** In the page's header. */
  unitSwitch: ReactNode;
  /** What is added here. */
  action: ReactNode;
  children: ReactNode;
}

/** A page that stands beside Shop, with the way back to it. */
export const ShopSubPage = ({ title, unitSwitch, action, children }: ShopSubPageProps) => (
  <div className="flex min-h-full flex-col">
    <Header actions={unitSwitch} />
    <main className="mx-auto w-full max-w-6xl space-y-6 p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <div>
          <h1 className="text-3xl">{title}</h1>
          <Link to="/shop" className="underline">
            Back to Shop
          </Link>
        </div>
        {action}
      </div>
      {children}
    </main>
  </div>
);
