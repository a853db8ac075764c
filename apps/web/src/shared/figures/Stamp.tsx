/** The letters stamped on the steel, the same on every sheet and screen. */
export const Stamp = ({ text }: { text: string }) => (
  <span className="border-ink rounded-machined border-2 text-ink bg-white px-3 py-1 text-xl font-bold">
    {text}
  </span>
);
