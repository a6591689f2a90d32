import { bookImportSchema, type BookImport } from '@crustan/core/formats/bookImportSchema';
import { API } from '../../../store/apiAddress';

/** A file on its way to the server. */
export interface Sending {
  readonly done: Promise<BookImport>;
  readonly stop: () => void;
}

/**
 * Sends a logbook file to be read. It uses XMLHttpRequest, the only request that reports the progress of an upload.
 * @param progress share sent, 0 to 1
 */
export const sendBook = (file: Blob, progress: (share: number) => void): Sending => {
  const request = new XMLHttpRequest();
  const done = new Promise<BookImport>((resolve, reject) => {
    request.open('POST', `${API}/book/imports`);
    request.setRequestHeader('Content-Type', 'application/json');
    request.upload.onprogress = ({ loaded, total }) => progress(total > 0 ? loaded / total : 0);
    request.onload = () => {
      try {
        const answer: unknown = JSON.parse(request.responseText);
        const state = bookImportSchema.safeParse(answer);
        if (state.success) resolve(state.data);
        else {
          const said =
            typeof answer === 'object' && answer !== null && 'detail' in answer
              ? String(answer.detail)
              : '';
          reject(new Error(`The server did not take it. ${said}`));
        }
      } catch {
        reject(new Error(`The server answered ${request.status}.`));
      }
    };
    request.onerror = () => reject(new Error('The server cannot be reached.'));
    request.onabort = () => reject(new Error('Stopped; nothing was stored.'));
    request.send(file);
  });
  return { done, stop: () => request.abort() };
};
