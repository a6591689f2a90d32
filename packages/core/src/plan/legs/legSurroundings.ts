import { LivePan, PanBody, PanInOven, type KitchenDeviation, type PanOnBurner } from '../../gear';
import {
  airFace,
  basted,
  BESIDE_PAN,
  inAPanInTheOven,
  onARack,
  onTheCounter,
  onThePan,
  partlyOnIron,
  PRESS,
  resting,
  STILL_OVEN,
  widened,
  type Environment,
  type HeatModel,
  type BurnerControl,
  type OnIron,
  type OvenAround,
  type Press,
  type RestSurface,
  type Surroundings,
  type TurnSpot,
} from '../../heat';
import type { Heat } from './legs';

/** Properties of a piece that determine its surroundings. */
export interface PieceInSurroundings {
  readonly pan: PanOnBurner;
  readonly press: Press;
  /** Learned factor of the pan's contact. */
  readonly contact: number;
  /** Learned factor of the heat from the oven to a face. */
  readonly ovenHeat: number;
  /** Times the solved section's power is taken: pieces x area or length of one. */
  readonly sectionMultiple: number;
  /** Area of all pieces on the iron, m2. */
  readonly foodArea: number;
  readonly model: HeatModel;
  readonly knob: BurnerControl;
  readonly spot: TurnSpot;
  readonly restOn: RestSurface;
  /** Its section is round, lying. */
  readonly rolled: boolean;
  /** Properties of the oven besides its air. */
  readonly oven: OvenAround;
  /** Share by which edges enlarge the faces of a piece solved without them. */
  readonly lateralAreaRatio: number;
}

/** Basting: browned butter, C, on the top for this share of the time. Estimates, 120 to 150 C. */
export const BUTTER = 140;
export const BASTED_SHARE = 0.5;
/** A loaded pan follows its burner with this time constant, s. Estimate for 2-3 kg of iron. */
const PAN_FOLLOWS = 60;
/** No step longer than this while the pan moves, s. */
const MOVING_STEP = 5;
/** Share of full at which a cold pan is brought up under skin, so that the fat melts first. */
export const COLD_PAN_POWER_SHARE = 0.5;

/** A pan whose burner was turned down: it follows within a minute. */
class EasingPan implements Environment {
  readonly around: Surroundings;
  readonly longest = MOVING_STEP;
  private readonly lower: { temperature: number };

  constructor(
    around: Surroundings,
    from: number,
    private readonly to: number,
  ) {
    const lower = { ...around.lower, temperature: from };
    this.lower = lower;
    this.around = { ...around, lower };
  }

  follow(_solver: unknown, dt: number): void {
    const { lower, to } = this;
    lower.temperature = to + (lower.temperature - to) * Math.exp(-dt / PAN_FOLLOWS);
  }
}

/** A piece on its edge on iron: it touches over a share of its edge. */
export const onItsEdge = (pan: number, share: number, on: OnIron): Surroundings => {
  const { edge, lower } = onThePan(pan, on);
  const air = airFace(BESIDE_PAN, edge.coefficient, edge.vapourPressure);
  const iron = {
    ...lower,
    coefficient: share * lower.coefficient,
    wetExtra: share * lower.wetExtra,
    bulges: false,
  };
  const cool = (1 - share) * air.coefficient;
  const coefficient = iron.coefficient + cool;
  const temperature = (iron.coefficient * pan + cool * air.temperature) / coefficient;
  return { lower: air, upper: air, edge: { ...iron, coefficient, temperature } };
};

/** The surroundings of the piece through a leg, in a kitchen that may deviate. */
export const legSurroundings = (
  heat: Heat,
  {
    pan: onBurner,
    press,
    contact: learned,
    ovenHeat: learnedHeat,
    sectionMultiple: times,
    lateralAreaRatio: edges,
    oven: around,
  }: PieceInSurroundings,
  { contact: scale, pan: panOff, oven, ovenHeat }: KitchenDeviation,
): Surroundings | Environment => {
  const contact = scale * learned * PRESS[press];
  const ovenShare = ovenHeat * learnedHeat;
  switch (heat.on) {
    case 'pan': {
      const pan = heat.pan + panOff;
      const around = heat.basted
        ? basted(pan, BUTTER, BASTED_SHARE, { contact })
        : onThePan(pan, { contact });
      if (heat.share !== undefined) return partlyOnIron(around, heat.share);
      return heat.from === undefined ? around : new EasingPan(around, heat.from + panOff, pan);
    }
    case 'cold-pan': {
      const body = new PanBody(onBurner);
      body.setting = COLD_PAN_POWER_SHARE;
      return new LivePan(body, {
        times,
        contact,
        hold: heat.pan + panOff,
        most: COLD_PAN_POWER_SHARE,
      });
    }
    case 'edge':
      return onItsEdge(heat.pan + panOff, heat.share, { contact });
    case 'rack':
      return widened(onARack(heat.air + oven, heat.h * ovenShare, around), edges);
    case 'oven-pan': {
      const inPan = widened(
        inAPanInTheOven(heat.air + oven, heat.h * ovenShare, heat.pan, around),
        edges,
      );
      return new PanInOven(inPan, onBurner, heat.air + oven, heat.h * ovenShare, times);
    }
    case 'warm-oven':
      return widened(onARack(heat.air + oven, STILL_OVEN * ovenShare, around), edges);
    case 'counter':
      return widened(onTheCounter(heat.air), edges);
    case 'rest':
      return widened(resting(heat.cover), edges);
  }
};
