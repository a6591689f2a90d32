import { useRef } from 'react';
import { Button, type ButtonProps } from './Button';

interface Props extends Pick<ButtonProps, 'label' | 'disabled'> {
  /** Name of the file, if the button's label does not give it. */
  readonly named?: string;
  /** Types and endings, as an input takes them; default: any. */
  readonly accept?: string;
  readonly kind?: 'plain' | 'stovePlain';
  readonly onFile: (file: File) => void;
}

/** A file is chosen by the system's own dialog, from a button like every other. */
export const FileButton = ({
  label,
  named = label,
  accept,
  kind = 'plain',
  disabled = false,
  onFile,
}: Props) => {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={named}
        hidden
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) onFile(file);
          // The same file may be chosen again.
          target.value = '';
        }}
      />
      <Button
        kind={kind}
        label={label}
        disabled={disabled}
        onPress={() => input.current?.click()}
      />
    </>
  );
};
