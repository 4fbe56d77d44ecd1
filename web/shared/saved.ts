/** Gives a file to whoever sits there. */
export function save(name: string, content: string | Blob, type?: string): void {
  const address = URL.createObjectURL(new Blob([content], type === undefined ? {} : { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
