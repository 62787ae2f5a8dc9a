// What an eye would find wrong with a page: a list of sentences.
() => {
  const found = [];
  const shown = (el) => {
    const box = el.getBoundingClientRect();
    const style = getComputedStyle(el);
    return box.width > 1 && box.height > 1 && style.visibility !== 'hidden' && style.opacity !== '0' && !el.closest('.sr-only, details:not([open]) > :not(summary)');
  };
  const short = (text) => text.trim().replace(/\s+/g, ' ').slice(0, 40);

  const sideways = document.documentElement.scrollWidth - window.innerWidth;
  if (sideways > 0) found.push(`${sideways} px wider than the window`);

  // Words that overlap or are cut off in drawings.
  for (const svg of document.querySelectorAll('svg')) {
    if (!shown(svg)) continue;
    const edge = svg.getBoundingClientRect();
    const texts = [...svg.querySelectorAll('text')].filter((it) => it.textContent.trim() && shown(it));
    const boxes = texts.map((it) => it.getBoundingClientRect());
    texts.forEach((it, i) => {
      const a = boxes[i];
      if (a.left < edge.left - 2 || a.right > edge.right + 2 || a.top < edge.top - 2 || a.bottom > edge.bottom + 2) {
        found.push(`“${short(it.textContent)}” is cut off in its drawing`);
      }
      for (let j = i + 1; j < texts.length; j++) {
        const b = boxes[j];
        const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
        const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
        if (across > 2 && down > 4) found.push(`“${short(it.textContent)}” and “${short(texts[j].textContent)}” overlap`);
      }
    });
  }

  // Text too small to read. A sheet in true scale is for paper.
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  const small = new Set();
  while (walker.nextNode()) {
    const el = walker.currentNode.parentElement;
    if (!walker.currentNode.textContent.trim() || !el || !shown(el) || el.closest('.true-scale, noscript, script')) continue;
    let px = parseFloat(getComputedStyle(el).fontSize);
    if (el.ownerSVGElement) px *= el.getScreenCTM().a;
    if (px < 11.99) small.add(`“${short(el.textContent)}” is ${px.toFixed(1)} px small`);
  }
  found.push(...small);

  // Targets too small to hit. Links inside running text are exempt.
  const inText = (el) => el.tagName === 'A' && [...el.parentElement.childNodes].some((it) => it.nodeType === 3 && it.textContent.trim());
  for (const el of document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')) {
    if (!shown(el) || el.matches('.skip-link') || inText(el)) continue;
    const around = el.matches('input[type=radio], input[type=checkbox]') ? el.closest('label') || el : el;
    const box = around.getBoundingClientRect();
    if (box.height < 43.5 || box.width < 43.5) {
      found.push(`${el.tagName.toLowerCase()} “${short(el.textContent || el.name || '')}” is a target of only ${Math.round(box.width)} × ${Math.round(box.height)} px`);
    }
  }
  return found;
}
