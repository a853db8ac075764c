import { sendFile } from '../server/api.ts';
import { asPhoto } from './asPhoto.ts';

/** Sends any picture that the browser can open, as a JPEG of a usual size under its own name. Throws in words where it is no picture. */
export const sendPhoto = async <T>(path: string, file: File): Promise<T> =>
  sendFile<T>(path, 'photo', await asPhoto(file), `${file.name.replace(/\.\w+$/, '')}.jpg`);
