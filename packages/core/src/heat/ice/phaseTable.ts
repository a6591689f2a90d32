/** Enthalpy and conductivity of a substance across its freezing range, per volume. T in C. */
export interface PhaseLaw {
  /** J/m3 over any fixed state; rises with temperature. */
  readonly enthalpy: (celsius: number) => number;
  /** W/m K */
  readonly conductivity: (celsius: number) => number;
}

/** Temperatures a table reaches over, C, and the samples it is made from. */
const FROM = -45;
const TO = 45;
const SAMPLES = 9001;
const ENTRIES = 4096;

/** Temperature and conductivity as functions of enthalpy, by straight lines between even entries. */
export class PhaseTable {
  private readonly lowest: number;
  private readonly perEntry: number;
  private readonly temperatures = new Float64Array(ENTRIES + 1);
  private readonly conductivities = new Float64Array(ENTRIES + 1);
  /** Least heat capacity, J/m3 K, and largest conductivity, W/m K: what bounds an explicit step. */
  readonly leastCapacity: number;
  readonly mostConductivity: number;

  constructor(private readonly law: PhaseLaw) {
    const celsius = (i: number): number => FROM + ((TO - FROM) * i) / (SAMPLES - 1);
    const samples = Float64Array.from({ length: SAMPLES }, (_, i) => law.enthalpy(celsius(i)));
    this.lowest = samples[0];
    this.perEntry = (samples[SAMPLES - 1] - samples[0]) / ENTRIES;
    let at = 0;
    for (let n = 0; n <= ENTRIES; n += 1) {
      const wanted = this.lowest + n * this.perEntry;
      while (at + 2 < SAMPLES && samples[at + 1] < wanted) at += 1;
      const share = (wanted - samples[at]) / (samples[at + 1] - samples[at]);
      const t = celsius(at) + share * (celsius(1) - celsius(0));
      this.temperatures[n] = t;
      this.conductivities[n] = law.conductivity(t);
    }
    let least = Infinity;
    for (let n = 0; n < ENTRIES; n += 1) {
      const rise = this.temperatures[n + 1] - this.temperatures[n];
      least = Math.min(least, this.perEntry / rise);
    }
    this.leastCapacity = least;
    this.mostConductivity = this.conductivities.reduce((most, k) => Math.max(most, k), 0);
  }

  enthalpy(celsius: number): number {
    return this.law.enthalpy(celsius);
  }

  temperature(enthalpy: number): number {
    return this.read(this.temperatures, enthalpy);
  }

  conductivity(enthalpy: number): number {
    return this.read(this.conductivities, enthalpy);
  }

  private read(values: Float64Array, enthalpy: number): number {
    const at = (enthalpy - this.lowest) / this.perEntry;
    const n = Math.max(0, Math.min(ENTRIES - 1, Math.floor(at)));
    return values[n] + (at - n) * (values[n + 1] - values[n]);
  }
}
