import { type ReactNode, useRef } from 'react';
import { Button } from '../frame/Button.tsx';

interface FileButtonProps {
  /** What is chosen, for those who can't see it. */
  label: string;
  accept: string;
  busy?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** A button that asks for one file. The same file can be given again. */
export function FileButton({ label, accept, busy = false, onFile, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
      <Button disabled={busy} onClick={() => input.current?.click()}>
        {children}
      </Button>
    </>
  );
}
