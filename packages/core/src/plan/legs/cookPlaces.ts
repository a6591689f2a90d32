import { BURNER_EFFICIENCY, PanInOven, type KitchenDeviation } from '../../gear';
import {
  inAPanInTheOven,
  KITCHEN_AIR,
  onThePan,
  partlyOnIron,
  basted,
  PieceOnIron,
  PRESS,
  resting,
  restingOn,
  RestOn,
  TwoZonePan,
  widened,
  type Environment,
  type OnIron,
  type RestCover,
  type Surroundings,
} from '../../heat';
import {
  BASTED_SHARE,
  BUTTER,
  COLD_PAN_POWER_SHARE,
  legSurroundings,
  onItsEdge,
  type PieceInSurroundings,
} from './legSurroundings';
import type { Heat } from './legs';

/** State of a cook's pan and board. */
export interface PlacesSnapshot {
  readonly pan: Float64Array | undefined;
  readonly board: Float64Array | undefined;
  /** Whether the piece is on the pan, and whether it rests. */
  onPan: boolean;
  rests: boolean;
}

/**
 * The places of one cook, in a kitchen that may deviate: the pan that its pieces cool from leg to leg, and
 * the board that they warm. A pan that food comes back to has been brought up again.
 */
export class CookPlaces {
  private readonly pan: TwoZonePan | undefined;
  private board: RestOn | undefined;
  private onPan = false;
  private rests = false;

  constructor(
    private readonly placed: PieceInSurroundings,
    private readonly deviation: KitchenDeviation,
    /** Of the solved section's face, in its measure. */
    private readonly faceArea: number,
  ) {
    const { model, pan, foodArea, knob, spot } = placed;
    if (!model.panBody) return;
    const iron = {
      mass: pan.mass,
      diameter: pan.diameter,
      power: pan.power * BURNER_EFFICIENCY[pan.burner] * deviation.burner,
    };
    this.pan = new TwoZonePan(iron, foodArea, KITCHEN_AIR, knob, spot);
  }

  /** Surroundings of the piece after it is moved to a place. */
  enter(heat: Heat): Surroundings | Environment {
    const wasOnPan = this.onPan;
    const rested = this.rests;
    this.onPan = heat.on === 'pan' || heat.on === 'cold-pan' || heat.on === 'edge';
    this.rests = heat.on === 'rest';
    if (heat.on === 'rest') return this.atRest(heat.cover, rested);
    return this.pan === undefined
      ? legSurroundings(heat, this.placed, this.deviation)
      : this.byPan(heat, this.pan, wasOnPan);
  }

  /**
   * Approximate distance of the snapshots from which a leg can be continued, s. An oven's steps are long, a pan's
   * short.
   */
  goesOnEvery(heat: Heat): number {
    switch (heat.on) {
      case 'rack':
        return 120;
      case 'pan':
        return this.pan === undefined && heat.from !== undefined ? Infinity : 60;
      case 'cold-pan':
        return this.pan === undefined ? Infinity : 60;
      default:
        return Infinity;
    }
  }

  /** The iron under the piece, C; undefined off the pan, and on one of a fixed heat. */
  get floor(): number | undefined {
    return this.onPan ? this.pan?.under : undefined;
  }

  /** The piece was turned where it lies. */
  turned(): void {
    if (this.onPan) this.pan?.turn();
  }

  private byPan(heat: Heat, pan: TwoZonePan, wasOnPan: boolean): Surroundings | Environment {
    const { placed, deviation } = this;
    const { model, press } = placed;
    const on: OnIron = {
      contact: deviation.contact * placed.contact * PRESS[press],
      press,
      model,
    };
    const iron = (around: Surroundings): Environment =>
      new PieceOnIron(around, pan, placed.sectionMultiple, model.sideSeesIron);
    switch (heat.on) {
      case 'pan': {
        const celsius = heat.pan + deviation.pan;
        if (wasOnPan) pan.setFor(celsius);
        else pan.bringTo(celsius);
        if (heat.share !== undefined) {
          // A part of the piece at a time, on iron that comes back in between.
          return partlyOnIron(onThePan(celsius, on), heat.share);
        }
        return iron(
          heat.basted ? basted(celsius, BUTTER, BASTED_SHARE, on) : onThePan(celsius, on),
        );
      }
      case 'cold-pan': {
        const celsius = heat.pan + deviation.pan;
        if (!wasOnPan) pan.bringTo(KITCHEN_AIR);
        pan.comeUpTo(celsius, COLD_PAN_POWER_SHARE);
        return iron(onThePan(celsius, on));
      }
      case 'edge': {
        if (!wasOnPan) pan.bringTo(heat.pan + deviation.pan);
        return onItsEdge(pan.rest, heat.share, on);
      }
      case 'oven-pan': {
        const air = heat.air + deviation.oven;
        const celsius = wasOnPan ? pan.mean : heat.pan;
        const { lateralAreaRatio, oven, ovenHeat } = placed;
        const h = heat.h * deviation.ovenHeat * ovenHeat;
        const around = widened(inAPanInTheOven(air, h, celsius, oven, on), lateralAreaRatio);
        return new PanInOven(around, placed.pan, air, h, placed.sectionMultiple);
      }
      default:
        return legSurroundings(heat, placed, deviation);
    }
  }

  /** A board under the piece keeps its present temperature. */
  private atRest(cover: RestCover, rested: boolean): Surroundings | Environment {
    if (rested && this.board) return this.board;
    const { model, restOn, lateralAreaRatio, rolled } = this.placed;
    const around = widened(resting(cover), lateralAreaRatio);
    // A round piece touches what it lies on along a line.
    const on = model.restSurface ? (rolled ? 'rack' : restOn) : undefined;
    const place = restingOn(around, on, cover, this.faceArea);
    this.board = place instanceof RestOn ? place : undefined;
    return place;
  }

  snapshot(): PlacesSnapshot {
    return {
      pan: this.pan?.snapshot(),
      board: this.board?.snapshot(),
      onPan: this.onPan,
      rests: this.rests,
    };
  }

  save(to: PlacesSnapshot): void {
    if (to.pan) this.pan?.save(to.pan);
    if (to.board) this.board?.save(to.board);
    to.onPan = this.onPan;
    to.rests = this.rests;
  }

  restore(from: PlacesSnapshot): void {
    if (from.pan) this.pan?.restore(from.pan);
    if (from.board) this.board?.restore(from.board);
    this.onPan = from.onPan;
    this.rests = from.rests && from.board !== undefined;
  }
}
