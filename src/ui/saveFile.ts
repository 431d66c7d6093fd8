/** Saves a file that the page has made, under its own name. */
export function saveFile(file: File): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = file.name;
  link.click();
  // The browser reads it after the click has been handled.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
