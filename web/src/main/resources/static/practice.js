// Keys 1 to 4 answer a drill.
(function () {
  'use strict';
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea')) return;
    const choices = document.querySelectorAll('[data-choices] button');
    const chosen = choices[Number(event.key) - 1];
    if (chosen) {
      event.preventDefault();
      chosen.click();
    }
  });
})();
