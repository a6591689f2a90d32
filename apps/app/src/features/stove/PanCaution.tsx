import { Caution } from '../../ui/Caution';

/** Safety equipment to have ready before a pan is hot. */
export const PanCaution = () => (
  <Caution lead="Extractor on, lid within reach.">
    If the oil flames: heat off, lid on, never water. The handle is as hot as the pan.
  </Caution>
);
