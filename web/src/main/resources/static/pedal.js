// On a step of a needle change the space bar, or a pedal that types a key, goes on.
(function () {
  'use strict';
  document.addEventListener('keydown', (event) => {
    const next = document.querySelector('[data-next]');
    if (!next || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.target.closest('input, select, textarea, summary, button')) return;
    if ([' ', 'PageDown', 'ArrowRight', 'F13'].includes(event.key)) {
      event.preventDefault();
      next.click();
    } else if (['PageUp', 'ArrowLeft'].includes(event.key)) {
      const back = document.querySelector('[data-back]');
      if (back) {
        event.preventDefault();
        back.click();
      }
    }
  });
})();
