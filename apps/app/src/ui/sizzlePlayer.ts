import { soundWoken } from './sound';

/** A pan that is heard. */
export interface SizzlePlayer {
  /** @param level 0 to 1, as the core has it of its steam */
  readonly setLevel: (level: number) => void;
  /** Present output of the graph, root mean square, 0 to 1. */
  readonly heard: () => number;
  readonly stop: () => void;
}

const WORKLET = '/sizzle-worklet.js';
/** A new level is there after this, s: steam does not leap. */
const GLIDE = 0.08;
/** A context has its worklet once. */
const loaded = new WeakSet<BaseAudioContext>();

/** Starts a silent pan; undefined without sound. Rejects if its worklet cannot be loaded. */
export const playSizzle = async (): Promise<SizzlePlayer | undefined> => {
  const sound = soundWoken();
  if (!sound) return undefined;
  const { context, out } = sound;
  if (!loaded.has(context)) {
    await context.audioWorklet.addModule(WORKLET);
    loaded.add(context);
  }
  const node = new AudioWorkletNode(context, 'crustan-sizzle', {
    numberOfInputs: 0,
    outputChannelCount: [1],
  });
  const ear = context.createAnalyser();
  ear.fftSize = 2048;
  node.connect(ear).connect(out);
  const samples = new Float32Array(ear.fftSize);
  const level = node.parameters.get('level');
  return {
    setLevel: (to) => level?.setTargetAtTime(to, context.currentTime, GLIDE),
    heard: () => {
      ear.getFloatTimeDomainData(samples);
      return Math.sqrt(samples.reduce((sum, each) => sum + each * each, 0) / samples.length);
    },
    stop: () => {
      node.disconnect();
      ear.disconnect();
    },
  };
};
