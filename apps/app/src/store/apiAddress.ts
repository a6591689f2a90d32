/** Where the server's API is asked: its version is that of the messages this page knows. */
export const API = '/api/v1';
