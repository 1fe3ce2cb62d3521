/** Hands a file to the browser to be saved. */
export function saveFile(content: Blob, name: string) {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
