/** Hands the browser a file to save. */
export const saveFile = (name: string, type: string, text: string): void => {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The download has begun once the click has been handled.
  setTimeout(() => URL.revokeObjectURL(url), 1000);
};
