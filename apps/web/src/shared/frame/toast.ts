import { type ExternalToast, type toast as Toast } from 'sonner';

type Kind = 'message' | 'success' | 'error' | 'info' | 'warning';

/** Fetched apart from the page: nothing is told before it is there. */
const fetched = async (): Promise<typeof Toast> => (await import('sonner')).toast;

const tell =
  (kind: Kind) =>
  (words: string, how?: ExternalToast): void =>
    void fetched().then((toast) => toast[kind](words, how));

/** Messages at the corner of the page, as many as there are. */
export const toast: Record<Kind, (words: string, how?: ExternalToast) => void> = {
  message: tell('message'),
  success: tell('success'),
  error: tell('error'),
  info: tell('info'),
  warning: tell('warning'),
};
