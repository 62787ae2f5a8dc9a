// Listens to a machine. Sound becomes loudness in this tab, and only loudness leaves it.
(function () {
  'use strict';
  const AT_ONCE = 4000;
  const EVERY_MS = 1000;
  const BLOCK_SECONDS = 20;
  const LEAD_SECONDS = 0.5;
  const MOST_BYTES = 300 * 1024 * 1024;
  const DRAWN = 400;
  const still = window.matchMedia('(prefers-reduced-motion: reduce)');
  let ear = null;
  document.documentElement.toggleAttribute('data-scripts', true);

  const part = (name) => document.querySelector('[data-ear-' + name + ']');
  const put = (name, words) => {
    const it = part(name);
    if (!it) return;
    if (it.textContent !== words) it.textContent = words;
    it.hidden = words === '';
  };

  async function ask(path, body, type) {
    const token = document.querySelector('#ear [name=_csrf]').value;
    const answer = await fetch('/listen/' + path, {
      method: 'POST',
      headers: { 'Content-Type': type || 'application/x-www-form-urlencoded', 'X-CSRF-TOKEN': token, Accept: 'application/json' },
      body,
    });
    const told = await answer.json();
    if (!answer.ok) throw Object.assign(new Error(told.detail || 'Belonax did not answer.'), { refused: true });
    return told;
  }

  const loudness = () => document.getElementById('ear').dataset.loudness;
  const begin = () => ask('begin', new URLSearchParams({ machine: document.getElementById('ear').dataset.machine }));

  function show(now) {
    put('clock', now.clock);
    put('line', now.line);
    put('state', now.state);
    put('knock', now.knock);
    put('alarm', now.alarm);
    part('alarm-box').hidden = now.alarm === '';
    part('light').dataset.runs = now.isRunning;
  }

  // What got no answer is sent again from where the room stands; it hears nothing twice.
  async function send(all) {
    while (ear && !ear.sending && (ear.loud.length >= 100 || (all && ear.loud.length))) {
      ear.sending = true;
      const mine = ear;
      try {
        const round = (it) => Number(it.toPrecision(5));
        const body = { from: mine.from, loud: mine.loud.slice(0, AT_ONCE).map(round), bright: mine.bright.slice(0, AT_ONCE).map(round) };
        const now = await ask(mine.id + '/steps', JSON.stringify(body), 'application/json');
        const heard = now.received - mine.from;
        mine.loud.splice(0, heard);
        mine.bright.splice(0, heard);
        mine.from = now.received;
        show(now);
      } catch (wrong) {
        if (wrong.refused) {
          mine.loud.length = 0;
          mine.bright.length = 0;
          await stop();
          why(wrong.message);
        }
        return;
      } finally {
        mine.sending = false;
      }
    }
  }

  function hear(loud, bright) {
    ear.loud.push(loud);
    ear.bright.push(bright);
  }

  function draw(told) {
    if (still.matches) return;
    for (let i = 0; i < told.length; i += 2) ear.drawn.push([told[i], told[i + 1]]);
    ear.drawn.splice(0, Math.max(0, ear.drawn.length - DRAWN));
    const most = ear.drawn.reduce((high, it) => Math.max(high, it[0]), 0.01);
    const line = (which) => 'M' + ear.drawn.map((it, at) => at + ' ' + (58 - (54 * it[which]) / most).toFixed(1)).join('L');
    part('loud').setAttribute('d', line(0));
    part('bright').setAttribute('d', line(1));
  }

  function why(words) {
    put('why', words);
  }

  function listening(on) {
    document.documentElement.toggleAttribute('data-listening', on);
    const live = part('live');
    if (live) live.hidden = !on;
    const idle = part('idle');
    if (idle) idle.hidden = on;
  }

  async function start() {
    why('');
    if (!navigator.mediaDevices) {
      why('A browser gives the microphone only on the computer that Belonax runs on, or over https. Record your machine as a WAV file '
        + 'and read it under “How it listens”.');
      return;
    }
    let stream;
    try {
      stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
    } catch (refused) {
      why(refused.name === 'NotFoundError'
        ? 'This computer has no microphone that the browser knows. Use the clock, or read a recording.'
        : 'The browser did not give the microphone. Allow it in the browser’s address bar, or use the clock.');
      return;
    }
    const context = new AudioContext();
    try {
      const began = await begin();
      ear = { id: began.id, from: began.received, loud: [], bright: [], drawn: [], sending: false, stream, context };
      const { filters } = await import(loudness());
      await context.audioWorklet.addModule(loudness());
      const nodes = filters(context);
      const worklet = new AudioWorkletNode(context, 'ear', { numberOfInputs: 2, numberOfOutputs: 0, channelCount: 1, channelCountMode: 'explicit' });
      worklet.port.onmessage = (message) => {
        if (!ear) return;
        for (let i = 0; i < message.data.length; i += 2) hear(message.data[i], message.data[i + 1]);
        draw(message.data);
      };
      context.createMediaStreamSource(stream).connect(nodes.input);
      nodes.loud.connect(worklet, 0, 0);
      nodes.bright.connect(worklet, 0, 1);
      await context.resume();
      ear.timer = setInterval(send, EVERY_MS);
      listening(true);
      show(began);
    } catch (wrong) {
      close(stream, context);
      ear = null;
      why(wrong.message);
    }
  }

  function close(stream, context) {
    stream.getTracks().forEach((it) => it.stop());
    context.close();
  }

  async function stop() {
    if (!ear) return;
    const mine = ear;
    clearInterval(mine.timer);
    if (mine.stream) close(mine.stream, mine.context);
    await send(true);
    ear = null;
    await ask(mine.id + '/pause', '').catch((wrong) => why(wrong.message));
    listening(false);
    // The clock of the sewing page was counted when listening began.
    if (document.querySelector('.sewing')) window.location.assign('/sewing');
    else await window.htmx.ajax('GET', '/listen/ear', { target: '#ear', swap: 'outerHTML' });
  }

  // A recording is read a stretch at a time; each begins half a second early, so that the filters have settled.
  async function read(file) {
    why('');
    if (file.size > MOST_BYTES) throw new Error('That recording is larger than 300 MB. Cut it, and read one part after the other.');
    const bytes = await file.arrayBuffer();
    const rate = new DataView(bytes).getUint32(24, true);
    const isWav = new TextDecoder().decode(bytes.slice(0, 4)) === 'RIFF';
    if (!isWav || rate < 16000 || rate > 192000) {
      throw new Error('That is no WAV file with 16 000 samples a second or more. Record your machine as WAV.');
    }
    const sound = await new OfflineAudioContext(1, 1, rate).decodeAudioData(bytes);
    const began = await begin();
    ear = { id: began.id, from: began.received, loud: [], bright: [], drawn: [], sending: false };
    const { filters, Steps } = await import(loudness());
    const steps = new Steps(rate, hear);
    const block = BLOCK_SECONDS * rate;
    const lead = Math.round(LEAD_SECONDS * rate);
    for (let at = 0; at < sound.length; at += block) {
      const from = Math.max(0, at - lead);
      const many = Math.min(sound.length, at + block) - from;
      const both = await filtered(filters, sound, from, many, rate);
      steps.hear(both.getChannelData(0).subarray(at - from), both.getChannelData(1).subarray(at - from));
      put('progress', 'Heard ' + Math.round((from + many) / rate) + ' of ' + Math.round(sound.length / rate) + ' seconds.');
      await send();
      if (!ear) return;
    }
    await stop();
  }

  function filtered(filters, sound, from, many, rate) {
    const context = new OfflineAudioContext(2, many, rate);
    const piece = context.createBuffer(1, many, rate);
    piece.copyToChannel(sound.getChannelData(0).subarray(from, from + many), 0);
    const source = new AudioBufferSourceNode(context, { buffer: piece });
    const nodes = filters(context);
    const both = new ChannelMergerNode(context, { numberOfInputs: 2 });
    source.connect(nodes.input);
    nodes.loud.connect(both, 0, 0);
    nodes.bright.connect(both, 0, 1);
    both.connect(context.destination);
    source.start();
    return context.startRendering();
  }

  document.addEventListener('click', (event) => {
    if (event.target.closest('[data-ear-begin]')) start();
    if (event.target.closest('[data-ear-stop]')) stop();
    if (event.target.closest('[data-ear-looked]') && ear) ask(ear.id + '/looked', '').then(show, (wrong) => why(wrong.message));
  });
  document.addEventListener('change', (event) => {
    const file = event.target.matches('[data-ear-file]') && event.target.files[0];
    if (file && !ear) {
      read(file).catch((wrong) => {
        ear = null;
        put('progress', '');
        why(wrong.message || 'That file cannot be read as sound.');
      });
    }
  });
  window.addEventListener('pagehide', () => { if (ear && ear.stream) close(ear.stream, ear.context); });
})();
