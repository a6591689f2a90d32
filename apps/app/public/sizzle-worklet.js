// The sound of a pan, made sample by sample: bubbles of steam that burst in fat, over their common hiss.
// `level`, 0 to 1, is what the model's steam makes of it. No recording is played.
const BURSTS_PER_SECOND = 900;
const BURST_LASTS = 0.0035;

class Sizzle extends AudioWorkletProcessor {
  static get parameterDescriptors() {
    return [{ name: 'level', defaultValue: 0, minValue: 0, maxValue: 1, automationRate: 'k-rate' }];
  }

  constructor() {
    super();
    this.burst = 0;
    this.fades = Math.exp(-1 / (BURST_LASTS * sampleRate));
    this.low = 0;
    this.last = 0;
    this.size = 1;
  }

  process(_inputs, [[out]], { level: [level] }) {
    // Loudness goes by ratios: a level of one half is a quarter of the pressure.
    const loud = level * level;
    const chance = (BURSTS_PER_SECOND * level * level) / sampleRate;
    for (let i = 0; i < out.length; i += 1) {
      if (Math.random() < chance) {
        this.burst = 1;
        this.size = 0.3 + 0.7 * Math.random();
      }
      const noise = 2 * Math.random() - 1;
      this.burst *= this.fades;
      const mixed = noise * (0.22 + 0.9 * this.size * this.burst);
      // What is under 1 kHz or so is rumble, which a pan has not.
      this.low += 0.13 * (mixed - this.low);
      const high = mixed - this.low;
      this.last += 0.75 * (high - this.last);
      out[i] = 0.8 * loud * this.last;
    }
    return true;
  }
}

registerProcessor('crustan-sizzle', Sizzle);
