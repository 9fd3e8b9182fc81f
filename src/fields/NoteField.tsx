import { TextInput } from "./TextInput.tsx";

interface NoteFieldProps {
  label: string;
  name: string;
  value: string | undefined;
  onCommit: (text: string) => void;
}

/** A field for a few words; empty is allowed. */
export function NoteField({ label, name, value = "", onCommit }: NoteFieldProps) {
  return (
    <TextInput
      label={label}
      name={name}
      shown={value}
      numeric={false}
      read={(text) => ({ ok: true, value: text.trim().slice(0, 4000) })}
      onCommit={onCommit}
    />
  );
}
