// A step of a plan is dragged to its place, or moved by the arrow keys on its buttons; both press what the buttons press.
(function () {
  'use strict';
  const plan = document.querySelector('[data-plan-order]');
  if (!plan) return;
  const KEY = 'moved-step';
  const row = (from) => from.closest('[data-step]');

  function pin(step, after) {
    const form = document.getElementById('pin');
    form.elements.step.value = step;
    form.elements.after.value = after;
    form.requestSubmit();
  }

  // The page comes anew after a press; the step that was moved keeps the keyboard.
  function remember(moved, button) {
    sessionStorage.setItem(KEY, JSON.stringify([moved.dataset.step, button]));
  }

  plan.addEventListener('keydown', (event) => {
    const way = { ArrowUp: 'earlier', ArrowDown: 'later' }[event.key];
    if (!way || !event.target.matches('.plan-move')) return;
    event.preventDefault();
    const button = row(event.target).querySelector(`[data-move="${way}"]`);
    if (button && !button.disabled) button.click();
  });

  plan.addEventListener('click', (event) => {
    const button = event.target.closest('[data-move]');
    if (button) remember(row(button), button.dataset.move);
  });

  const moved = JSON.parse(sessionStorage.getItem(KEY) || 'null');
  sessionStorage.removeItem(KEY);
  if (moved) {
    const again = document.querySelector(`[data-step="${CSS.escape(moved[0])}"]`);
    if (again) (again.querySelector(`[data-move="${moved[1]}"]:enabled`) || again.querySelector('[data-move]:enabled'))?.focus();
  }

  if (!window.Sortable) return;
  let before = [];
  const rows = () => [...plan.querySelectorAll('[data-step]')];
  plan.querySelectorAll('[data-order]').forEach((list) => window.Sortable.create(list, {
    group: 'plan',
    draggable: '[data-step]',
    filter: 'a, button, input',
    preventOnFilter: false,
    delay: 200,
    delayOnTouchOnly: true,
    onStart: () => { before = rows().map((it) => it.dataset.step); },
    onEnd: ({ item }) => {
      const now = rows();
      const at = now.indexOf(item);
      const was = before.indexOf(item.dataset.step);
      if (at === was) return;
      remember(item, at > was ? 'later' : 'earlier');
      if (at > was) pin(item.dataset.step, now[at - 1].dataset.step);
      else pin(now[at + 1].dataset.step, item.dataset.step);
    },
  }));
})();
