import { Link } from "react-router";
import { Notice } from "./ui/Notice";

export function NotHere() {
  return (
    <main style={{ padding: 24 }}>
      <Notice title="There is nothing at this address.">
        <Link to="/">Go to your pies</Link>
      </Notice>
    </main>
  );
}
