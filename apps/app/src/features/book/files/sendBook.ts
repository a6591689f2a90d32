import { bookImportSchema, type BookImport } from '@crustan/core/formats/bookImportSchema';
import { currentLanguage } from '@crustan/messages';
import { API } from '../../../store/apiAddress';
import { t } from '../t';

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
    request.setRequestHeader('Accept-Language', currentLanguage());
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
          reject(new Error(t('the-server-did-not-take-it', { said })));
        }
      } catch {
        reject(new Error(t('the-server-answered-with', { status: String(request.status) })));
      }
    };
    request.onerror = () => reject(new Error(t('the-server-cannot-be-reached-now')));
    request.onabort = () => reject(new Error(t('stopped-nothing-was-stored')));
    request.send(file);
  });
  return { done, stop: () => request.abort() };
};
