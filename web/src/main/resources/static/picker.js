// One picker of the sentence open at a time; Escape and a press elsewhere close it; after a swap the focus stays put.
(function () {
  'use strict';
  let lastPart = null;

  function open() {
    return document.querySelectorAll('details[name="picker"][open]');
  }

  function close(except) {
    open().forEach((it) => {
      if (it !== except) it.open = false;
    });
  }

  document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape') return;
    open().forEach((it) => {
      it.open = false;
      it.querySelector('summary').focus();
    });
  });

  document.addEventListener('click', (event) => {
    close(event.target.closest('details[name="picker"]'));
  });

  document.addEventListener('toggle', (event) => {
    if (!event.target.matches || !event.target.matches('details.part') || !event.target.open) return;
    const first = event.target.querySelector('input:not([type=hidden]), select');
    if (first) first.focus();
  }, true);

  document.addEventListener('change', (event) => {
    // Words that only search the list do not change the sentence.
    if (event.target.id === 'find') {
      event.stopPropagation();
      return;
    }
    const part = event.target.closest && event.target.closest('details.part');
    lastPart = part ? part.id : null;
  }, true);

  document.addEventListener('htmx:afterSettle', () => {
    const part = lastPart && document.getElementById(lastPart);
    lastPart = null;
    if (part && !part.open) part.querySelector('summary').focus();
  });
})();
