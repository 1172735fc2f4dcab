import { useQuery } from "@tanstack/react-query";
import { Navigate } from "react-router";
import { sessionQuery } from "./api/queries";
import { useSignOut } from "./api/useSignOut";
import { Button } from "./ui/Button";
import { Notice } from "./ui/Notice";

/** The bare address: to the pies of one's kitchen, or to the door. */
export function Home() {
  const { data, error, refetch } = useQuery(sessionQuery);
  const leave = useSignOut();
  if (error) {
    return (
      <main style={{ padding: 24 }}>
        <Notice title="The kitchen does not answer." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      </main>
    );
  }
  if (!data) return null;
  const kitchen = data.kitchens[0];
  if (data.user && !kitchen) {
    return (
      <main style={{ padding: 24 }}>
        <Notice title="You are in no kitchen." acts={<Button onClick={() => void leave()}>Sign out</Button>}>
          Ask an owner for an invitation, and open its link.
        </Notice>
      </main>
    );
  }
  return <Navigate replace to={data.user && kitchen ? `/k/${kitchen.id}/pies` : "/sign-in"} />;
}
