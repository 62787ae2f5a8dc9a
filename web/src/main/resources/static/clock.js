// The clock goes on by the second while the timer runs; without scripts it shows the time at which the page was asked for.
(function () {
  'use strict';
  const two = (number) => String(number).padStart(2, '0');

  function tick(clock, since) {
    const seconds = Math.floor((Date.now() - since) / 1000);
    const hours = Math.floor(seconds / 3600);
    const minutes = Math.floor(seconds / 60) % 60;
    clock.textContent = (hours ? hours + ':' + two(minutes) : minutes) + ':' + two(seconds % 60);
  }

  document.addEventListener('DOMContentLoaded', () => {
    const clock = document.querySelector('.clock[data-runs=true]');
    if (!clock) return;
    const since = Date.now() - 1000 * Number(clock.dataset.seconds);
    setInterval(() => tick(clock, since), 1000);
    document.querySelectorAll('[data-show-after]').forEach((it) => {
      setTimeout(() => { it.hidden = false; }, Math.min(1000 * Number(it.dataset.showAfter), 2 ** 31 - 1));
    });
  });
})();
