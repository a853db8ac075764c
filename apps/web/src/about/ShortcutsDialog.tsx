import { Dialog } from '../shared/frame/Dialog.tsx';
import { Shortcuts } from './Shortcuts.tsx';

/** The list of keys over whatever is on screen. */
export const ShortcutsDialog = ({ onClose }: { onClose: () => void }) => (
  <Dialog title="Keys" open onClose={onClose} kept>
    <Shortcuts />
  </Dialog>
);
