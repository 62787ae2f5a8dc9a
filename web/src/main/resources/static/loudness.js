// Runs beside the page while it listens, and within it where a recording is read: one file, so that both are of one version.
// Turns sound into two loudnesses every five milliseconds, in the tab: between 200 Hz and 6 kHz, and above 2 kHz. The same as the core's
// EnvelopeMeter, by the browser's own filters.
const PER_SECOND = 200;
// A second-order Butterworth filter, in the decibels in which browsers tell it.
const BUTTERWORTH = 20 * Math.log10(Math.SQRT1_2);

export function filters(context) {
  const filter = (type, hertz) => new BiquadFilterNode(context, { type, frequency: hertz, Q: BUTTERWORTH });
  const input = filter('highpass', 200);
  const loud = filter('lowpass', 6000);
  const bright = filter('highpass', 2000);
  input.connect(loud).connect(bright);
  return { input, loud, bright };
}

export class Steps {
  constructor(sampleRate, told) {
    this.sampleRate = sampleRate;
    this.told = told;
    this.loud = 0;
    this.bright = 0;
    this.samples = 0;
    this.sampled = 0;
    this.stepped = 0;
  }

  hear(loud, bright) {
    for (let i = 0; i < loud.length; i++) {
      this.loud += loud[i] * loud[i];
      this.bright += bright[i] * bright[i];
      this.samples++;
      this.sampled++;
      if (this.sampled * PER_SECOND >= (this.stepped + 1) * this.sampleRate) this.step();
    }
  }

  step() {
    this.told(Math.sqrt(this.loud / this.samples), Math.sqrt(this.bright / this.samples));
    this.loud = 0;
    this.bright = 0;
    this.samples = 0;
    this.stepped++;
  }
}

// Samples come in, loudnesses go out, and the samples are gone.
if (globalThis.registerProcessor) {
  globalThis.registerProcessor('ear', class extends globalThis.AudioWorkletProcessor {
    constructor() {
      super();
      this.told = [];
      this.steps = new Steps(globalThis.sampleRate, (loud, bright) => this.told.push(loud, bright));
    }

    process(inputs) {
      const [loud, bright] = inputs;
      if (loud.length && bright.length) this.steps.hear(loud[0], bright[0]);
      if (this.told.length >= 100) {
        this.port.postMessage(this.told);
        this.told = [];
      }
      return true;
    }
  });
}
