// Before the first paint: the mode chosen last, else the one the system asks for.
(function () {
  let mode = null;
  try {
    mode = localStorage.getItem('mode');
  } catch {
    mode = null;
  }
  if (mode !== 'light' && mode !== 'dark') {
    mode = matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
  }
  document.documentElement.dataset.mode = mode;
})();
