import { TextField } from "./TextField";

type Props = { value: string; change: (to: string) => void; mend: string | undefined };

/** The address one signs in with. */
export function EmailField(props: Props) {
  return <TextField name="E-mail" type="email" autoComplete="username" {...props} />;
}
