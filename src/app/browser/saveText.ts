/** Hands a file to the browser to be saved. */
export function saveFile(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** The same for a text. */
export const saveText = (name: string, text: string, type = 'application/json'): void =>
  saveFile(name, new Blob([text], { type }));
