/** Base path of the server's API: its version is that of the messages of this page. */
export const API = '/api/v1';
