// The machine switch closes by Escape and by a press elsewhere. The sentence's panel stays open until it is done: Enter takes the first
// cloth that fits, arrows go into the list, Escape closes, and the focus comes back to the part that was pressed.
(function () {
  'use strict';
  let backTo = null;

  const openSwitches = () => document.querySelectorAll('details[name="picker"][open]');
  const panel = () => document.getElementById('pickers');

  document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') {
      openSwitches().forEach((it) => {
        it.open = false;
        it.querySelector('summary').focus();
      });
      if (panel()) panel().querySelector('#picked').click();
    }
    if (event.target.id !== 'find') return;
    const first = document.querySelector('#cloths input');
    if (event.key === 'Enter') {
      event.preventDefault();
      if (first) {
        first.focus();
        first.click();
      }
    }
    if (event.key === 'ArrowDown' && first) {
      event.preventDefault();
      (document.querySelector('#cloths input:checked') || first).focus();
    }
  });

  document.addEventListener('click', (event) => {
    openSwitches().forEach((it) => {
      if (it !== event.target.closest('details[name="picker"]')) it.open = false;
    });
    if (event.target.id !== 'picked') return;
    document.getElementById('find').value = '';
    backTo = 'part-' + panel().dataset.picked;
  });

  // Words that only search the list do not change the sentence.
  document.addEventListener('change', (event) => {
    if (event.target.id === 'find') event.stopPropagation();
  }, true);

  // Who types a number means that number, not the spool that was chosen before.
  document.addEventListener('input', (event) => {
    const none = document.getElementById('spool-none');
    if (none && ['number', 'numbering', 'fibre', 'build'].includes(event.target.id)) none.checked = true;
  }, true);

  document.addEventListener('focusin', (event) => {
    if (event.target.matches('#pickers input[inputmode]')) event.target.select();
  });

  document.addEventListener('submit', (event) => {
    if (event.target === panel()) backTo = 'part-' + panel().dataset.picked;
  }, true);

  // A panel that was closed before begins at the part that was pressed; a number is marked, so that typing replaces it.
  let wasOpen = false;

  function settle() {
    const part = backTo && !panel() && document.getElementById(backTo);
    if (part) part.focus();
    if (!panel()) backTo = null;
    const first = panel() && !wasOpen && panel().querySelector('[data-focus]');
    if (first) first.focus();
    wasOpen = Boolean(panel());
  }

  document.addEventListener('htmx:afterSettle', settle);
  document.addEventListener('DOMContentLoaded', settle);
})();
