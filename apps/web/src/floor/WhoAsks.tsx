import { useState } from 'react';
import { FloorButton } from './FloorButton.tsx';

/** Who works at this device: asked once, and kept here. */
export function WhoAsks({ who, keep }: { who: string; keep: (who: string) => void }) {
  const [name, setName] = useState(who);
  return (
    <form
      className="m-auto w-full max-w-xl space-y-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') keep(name.trim());
      }}
    >
      <h1 className="text-4xl">Who is at the bender?</h1>
      <label className="block space-y-2">
        <span className="text-quiet text-xl">your name, for what is ticked and measured on this device</span>
        <input
          className="control w-full"
          value={name}
          maxLength={120}
          autoComplete="off"
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <FloorButton kind="now" type="submit" disabled={name.trim() === ''}>
        That is me
      </FloorButton>
    </form>
  );
}
