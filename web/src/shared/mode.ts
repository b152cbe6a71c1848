/** Day or night; the choice is kept in the browser. */
export function toggleMode(): 'light' | 'dark' {
  const root = document.documentElement;
  const mode = root.dataset.mode === 'dark' ? 'light' : 'dark';
  root.dataset.mode = mode;
  try {
    localStorage.setItem('mode', mode);
  } catch {
    // Without storage the choice lasts until the page is left.
  }
  root.dispatchEvent(new CustomEvent('mode'));
  return mode;
}
