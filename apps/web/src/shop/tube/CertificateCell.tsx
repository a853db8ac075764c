import { type Shop, strengthInBoth } from '@gyrus/core';
import { Paperclip } from 'lucide-react';
import { toast } from '../../shared/frame/toast.ts';
import { FileButton } from '../../shared/fields/FileButton.tsx';
import { sendFile } from '../../shared/server/api.ts';
import { useInTurn } from '../../shared/server/useInTurn.ts';

type Tube = Shop['tubes'][number];

/** The certificate of a batch: its number, what it says of the steel, and its file. */
export function CertificateCell({ tube }: { tube: Tube }) {
  const attach = useInTurn({
    of: ['shop'],
    send: (file: File) => sendFile<Shop>(`shop/tubes/${tube.id}/certificate`, 'certificate', file, file.name),
    onError: (error) => toast.error(error.message),
  });
  const says = [
    tube.tensile && `tensile ${strengthInBoth(tube.tensile)}`,
    tube.yield && `yield ${strengthInBoth(tube.yield)}`,
    tube.elongation != null && `elongation ${tube.elongation} %`,
  ].filter(Boolean);
  return (
    <div className="space-y-1">
      <div className="flex flex-wrap items-center gap-2">
        <span>{tube.certificate || '–'}</span>
        {tube.certificateFile && (
          <a
            href={`/api/shop/tubes/${tube.id}/certificate`}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-10 items-center underline"
          >
            {tube.certificateFile}
          </a>
        )}
        <FileButton
          label={`the certificate of ${tube.od.typed} × ${tube.wall.typed}, batch ${tube.batch}`}
          accept="application/pdf,image/jpeg"
          busy={attach.isPending}
          onFile={(file) => attach.mutate(file)}
        >
          <Paperclip aria-hidden="true" className="size-4" />
          {tube.certificateFile ? 'Another file' : 'Attach it'}
        </FileButton>
      </div>
      {says.length > 0 && <p className="text-quiet text-sm">{says.join('; ')}</p>}
    </div>
  );
}
