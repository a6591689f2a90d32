import { describe, expect, it } from '@jest/globals';
import { cookOfFile } from '../formats';
import { simulate } from '../heat';
import { explicitProgram } from './explicitProgram';
import { REFERENCE_CASES } from './referenceCases';
import { someOf } from './tier';

describe('the solver against a second program for the same equations', () => {
  it.each(someOf(REFERENCE_CASES, 3).map(({ name, cook }) => [name, cookOfFile(cook)] as const))(
    '%s: cores within 1.5 C, times within 5 %%',
    (_name, cook) => {
      const theirs = explicitProgram(cook);
      const ours = simulate(cook).stages;
      expect(ours).toHaveLength(theirs.length);
      ours.forEach((stage, i) => {
        const other = theirs[i];
        expect(Math.abs(stage.core - other.core)).toBeLessThan(1.5);
        expect(Math.abs(stage.corePeak - other.corePeak)).toBeLessThan(1.5);
        expect(Math.abs(stage.seconds / other.seconds - 1)).toBeLessThan(0.05);
      });
    },
  );
});
