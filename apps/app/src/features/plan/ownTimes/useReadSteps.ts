import { currentLanguage } from '@crustan/messages';
import { useEffect, useMemo, useState } from 'react';
import type { HeatScale } from '@crustan/core/plan/ownSteps';
import type { readSteps, ReadSteps } from '@crustan/core/phrases/readSteps';

interface Grammar {
  readonly readSteps: typeof readSteps;
}

const NOTHING: ReadSteps = { steps: [], settings: {}, unread: [], leftOut: [] };

let loaded: Grammar | undefined;

/** Loads the grammar when it is needed first: it is not part of the first load. */
export const loadGrammar = async (): Promise<Grammar> => {
  loaded ??= await import('../../../words/grammar');
  return loaded;
};

/** Steps in a line of text; empty until the grammar is loaded. */
export const useReadSteps = (line: string, scale: HeatScale): ReadSteps => {
  const [grammar, setGrammar] = useState(loaded);
  useEffect(() => {
    if (grammar) return undefined;
    let live = true;
    loadGrammar().then(
      (found) => live && setGrammar(found),
      // Without the network the grammar is not loaded yet: the next visit tries again.
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, [grammar]);
  return useMemo(
    () =>
      grammar
        ? grammar.readSteps(line, { scale, isLine: true, language: currentLanguage() })
        : NOTHING,
    [grammar, line, scale],
  );
};
