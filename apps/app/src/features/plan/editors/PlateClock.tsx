interface Props {
  /** `19:30`. */
  readonly value: string;
  readonly onChange: (hour: string) => void;
}

/** The browser's own clock field. */
export const PlateClock = ({ value, onChange }: Props) => (
  <input
    type="time"
    aria-label="On the plate at"
    value={value}
    onChange={(event) => onChange(event.target.value)}
    className="font-head text-24"
    style={{
      minHeight: 56,
      padding: '0 12px',
      border: '1px solid #B9B4A8',
      borderRadius: 4,
      background: '#FFFFFF',
      color: '#141618',
    }}
  />
);
