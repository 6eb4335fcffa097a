/** Hands a file to the browser to be saved. */
export function saveAs(name: string, content: string | Blob, type = 'application/json'): void {
  const blob = typeof content === 'string' ? new Blob([content], { type }) : content;
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** A file name without what some file system refuses. */
export function fileName(stem: string, extension: string): string {
  const name = stem.replace(/[^\p{L}\p{N}._-]+/gu, '-').replace(/^-+|-+$/g, '');
  return [name || 'dial-bench', extension].join('.');
}

/** Lets a person choose a file; null when they think better of it. */
export function chooseFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('cancel', () => resolve(null));
    input.addEventListener('change', () => resolve(input.files?.[0] ?? null));
    input.click();
  });
}

/** Lets a person choose a file and reads it as text; null when they think better of it. */
export async function chooseText(accept: string): Promise<{ name: string; text: string } | null> {
  const file = await chooseFile(accept);
  return file && { name: file.name, text: await file.text() };
}
