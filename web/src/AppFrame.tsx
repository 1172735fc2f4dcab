import { Box, Flex } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, Navigate, Outlet, useLocation, useNavigate, useParams } from "react-router";
import { answer, api, rememberToken, type Session } from "./api/client";
import { sessionQuery } from "./api/queries";
import { inTurn } from "./api/units";
import { NotHere } from "./NotHere";
import { Button } from "./ui/Button";
import { Mark } from "./ui/Mark";
import { Menu, type MenuItem } from "./ui/Menu";
import { RecessRow } from "./ui/RecessRow";
import { chooseScheme } from "./ui/scheme";

type Units = NonNullable<Session["user"]>["units"];
const VOLUMES: [Units["volumes"], string][] = [
  ["metric", "Metric cup and spoons"],
  ["us", "US cup and spoons"],
  ["australian", "Australian spoons"],
];
const TEMPERATURES: [Units["temperatures"], string][] = [
  ["celsius", "Oven in °C"],
  ["fahrenheit", "Oven in °F"],
  ["gas-mark", "Oven in gas marks"],
];
const EGGS: [Units["eggs"], string][] = [
  ["us", "Eggs in US sizes, large 50 g"],
  ["eu", "Eggs in European sizes, large 61 g"],
];
const LAST_PIE = "hojaldre.last-pie";

/** The frame of every room: mark, rooms, kitchen. */
export function AppFrame() {
  const { kitchen = "", pie } = useParams();
  const { pathname, search } = useLocation();
  const { data: session } = useQuery(sessionQuery);
  useEffect(() => {
    if (pie) localStorage.setItem(`${LAST_PIE}.${kitchen}`, pie);
  }, [kitchen, pie]);
  if (!session) return null;
  if (!session.user) return <Navigate replace to={`/sign-in?next=${encodeURIComponent(pathname + search)}`} />;
  const here = session.kitchens.find((one) => one.id === kitchen);
  if (!here) return <NotHere />;
  const last = pie ?? localStorage.getItem(`${LAST_PIE}.${kitchen}`);
  const rooms = [
    { name: "Pies", to: `/k/${kitchen}/pies`, seated: !pie && !pathname.endsWith("/stores") },
    ...(last ? [{ name: "Bench", to: `/k/${kitchen}/bench/${last}`, seated: Boolean(pie) }] : []),
    { name: "Stores", to: `/k/${kitchen}/stores`, seated: pathname.endsWith("/stores") },
  ];
  return (
    <Box paddingInline={{ base: "16px", sm: "24px" }} maxWidth="1600px" marginInline="auto">
      <Box as="header" paddingTop="10px">
        <RecessRow seat={pathname}>
          <Flex as="nav" aria-label="Rooms" align="center" gap={{ base: "12px", sm: "34px" }}>
            <Flex align="center" gap="9px" fontSize="name" fontWeight="680" marginRight="10px">
              <Mark size={34} />
              <Box as="span" display={{ base: "none", sm: "inline" }}>
                Hojaldre
              </Box>
            </Flex>
            {rooms.map((room) => (
              <Box
                key={room.name}
                data-seated={room.seated}
                paddingBlock="8px"
                fontWeight={room.seated ? "680" : "430"}
                css={{ "& a": { color: "inherit", textDecoration: "none" } }}
              >
                <Link to={room.to} aria-current={room.seated ? "page" : undefined}>
                  {room.name}
                </Link>
              </Box>
            ))}
            <Box marginLeft="auto">
              <KitchenMenu session={session} kitchen={here.name} />
            </Box>
          </Flex>
        </RecessRow>
      </Box>
      <Box as="main">
        <Outlet />
      </Box>
    </Box>
  );
}

/** Questions whose answers are worded or measured in a cook's units. */
const SAID = new Set(["forecast", "ways-out", "card", "shell", "foods"]);

function KitchenMenu({ session, kitchen }: { session: Session; kitchen: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const leave = async () => {
    rememberToken(await answer(api.DELETE("/session")));
    client.clear();
    navigate("/sign-in");
  };
  const units: Units = session.user?.units ?? { volumes: "metric", temperatures: "celsius", eggs: "us" };
  const choose = async (change: Partial<typeof units>) => {
    const chosen = await inTurn(async () => {
      const now = client.getQueryData(sessionQuery.queryKey)?.user?.units ?? units;
      const session = await answer(api.PUT("/session/units", { body: { ...now, ...change } }));
      client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      return session;
    });
    if (!chosen.user) return;
    // words are read and said in the new units from here on
    client.removeQueries({
      // what is still out was typed before and is waited for
      predicate: ({ queryKey, state }) =>
        state.fetchStatus === "idle" && (queryKey[2] === "edit" || queryKey[2] === "rough"),
    });
    void client.invalidateQueries({
      queryKey: ["kitchen"],
      predicate: ({ queryKey }) => SAID.has(String(queryKey[2])),
    });
  };
  const items: MenuItem[] = [
    ...session.kitchens.map((one) => ({
      label: one.name,
      act: () => void navigate(`/k/${one.id}/pies`),
      seated: one.name === kitchen,
    })),
    ...VOLUMES.map(([volumes, label]) => ({
      label,
      act: () => void choose({ volumes }),
      seated: units.volumes === volumes,
    })),
    ...TEMPERATURES.map(([temperatures, label]) => ({
      label,
      act: () => void choose({ temperatures }),
      seated: units.temperatures === temperatures,
    })),
    ...EGGS.map(([eggs, label]) => ({ label, act: () => void choose({ eggs }), seated: units.eggs === eggs })),
    { label: "Light", act: () => chooseScheme("light") },
    { label: "Dark", act: () => chooseScheme("dark") },
    { label: "As this device has it", act: () => chooseScheme("device") },
    { label: `Sign out ${session.user?.name ?? ""}`, act: () => void leave() },
  ];
  return (
    <Menu
      label="Kitchen and settings"
      items={items}
      trigger={
        <Button look="plain" fontWeight="430" color="ink2">
          {kitchen}
        </Button>
      }
    />
  );
}
