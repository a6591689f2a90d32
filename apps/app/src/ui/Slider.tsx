interface Props {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  /** Text that a screen reader says instead of the number. */
  readonly says: string;
  readonly onChange: (value: number) => void;
}

/** The browser's range control, with its touch, mouse, keyboard and screen-reader support. */
export const Slider = ({ label, value, least, most, step, says, onChange }: Props) => (
  <input
    type="range"
    aria-label={label}
    aria-valuetext={says}
    min={least}
    max={most}
    step={step}
    value={value}
    onChange={(event) => onChange(event.target.valueAsNumber)}
    style={{ width: '100%', height: 48, margin: 0, touchAction: 'pan-y' }}
  />
);
