// Runs beside the page while it listens: samples come in, loudnesses go out, and the samples are gone.
import { Steps } from './loudness.js';

class Ear extends AudioWorkletProcessor {
  constructor() {
    super();
    this.told = [];
    this.steps = new Steps(sampleRate, (loud, bright) => this.told.push(loud, bright));
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
}

registerProcessor('ear', Ear);
