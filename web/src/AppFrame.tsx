import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, Navigate, Outlet, useLocation, useNavigate, useParams } from "react-router";
import type { Session } from "./api/client";
import { sessionQuery } from "./api/queries";
import { useSignOut } from "./api/useSignOut";
import { NotHere } from "./NotHere";
import { Button } from "./ui/Button";
import { Mark } from "./ui/Mark";
import { Menu, type MenuItem } from "./ui/Menu";
import { RecessRow } from "./ui/RecessRow";

const LAST_PIE = "hojaldre.last-pie";
const LAST_BATCH = "hojaldre.last-batch";
const LAST_DAY = "hojaldre.last-day";

/** The frame of every room: mark, rooms, kitchen. */
export function AppFrame() {
  const { kitchen = "", pie, batch, day } = useParams();
  const { pathname, search } = useLocation();
  const { data: session } = useQuery(sessionQuery);
  useEffect(() => {
    if (pie) localStorage.setItem(`${LAST_PIE}.${kitchen}`, pie);
    if (batch) localStorage.setItem(`${LAST_BATCH}.${kitchen}`, batch);
    if (day) localStorage.setItem(`${LAST_DAY}.${kitchen}`, day);
  }, [kitchen, pie, batch, day]);
  if (!session) return null;
  if (!session.user) return <Navigate replace to={`/sign-in?next=${encodeURIComponent(pathname + search)}`} />;
  const here = session.kitchens.find((one) => one.id === kitchen);
  if (!here) return <NotHere />;
  const last = lastOf(LAST_PIE, kitchen, pie);
  const lastBatch = lastOf(LAST_BATCH, kitchen, batch);
  const lastDay = lastOf(LAST_DAY, kitchen, day);
  const [room = "", part = ""] = pathname.split("/").slice(3);
  const labelled = room === "labels" ? part : null;
  const rooms = [
    { name: "Pies", to: `/k/${kitchen}/pies`, seated: room === "pies" || room === "begin" },
    ...(last
      ? [
          {
            name: "Bench",
            to: `/k/${kitchen}/bench/${last}`,
            seated: room === "bench" || room === "card" || labelled === "pie",
          },
        ]
      : []),
    { name: "Batches", to: `/k/${kitchen}/batches`, seated: room === "batches" },
    ...(lastBatch
      ? [
          { name: "Prep", to: `/k/${kitchen}/prep/${lastBatch}`, seated: room === "prep" },
          { name: "Pastry", to: `/k/${kitchen}/pastry/${lastBatch}`, seated: room === "pastry" },
        ]
      : []),
    {
      name: "Oven day",
      to: `/k/${kitchen}/days${lastDay && !day ? `/${lastDay}` : ""}`,
      seated: room === "days" || room === "ready",
    },
    { name: "At the oven", to: `/k/${kitchen}/oven`, seated: room === "oven" },
    { name: "Bake book", to: `/k/${kitchen}/book`, seated: room === "book" || labelled === "bake" },
    { name: "Stores", to: `/k/${kitchen}/stores`, seated: room === "stores" },
  ];
  if (room === "oven") {
    // beside the oven the rooms stand behind the mark, and the rule is for the pies
    return (
      <Box paddingInline={{ base: "16px", sm: "24px" }} maxWidth="1600px" marginInline="auto" as="main">
        <Outlet context={<RoomsMenu rooms={rooms} />} />
      </Box>
    );
  }
  return (
    <Box paddingInline={{ base: "16px", sm: "24px" }} maxWidth="1600px" marginInline="auto">
      <Box as="header" paddingTop="10px">
        <RecessRow seat={pathname}>
          <Flex as="nav" aria-label="Rooms" align="center" gap={{ base: "12px", lg: "28px" }}>
            <Flex
              display={{ base: "none", lg: "flex" }}
              align="center"
              gap="9px"
              fontSize="name"
              fontWeight="680"
              marginRight="10px"
            >
              <Mark size={34} />
              Hojaldre
            </Flex>
            <Box display={{ base: "block", lg: "none" }}>
              <RoomsMenu rooms={rooms} />
            </Box>
            {rooms.map((room) => (
              <Box
                key={room.name}
                data-seated={room.seated}
                display={{ base: room.seated ? "block" : "none", lg: "block" }}
                whiteSpace="nowrap"
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
              <KitchenMenu session={session} here={here} />
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

/** What is open, or what was open last. */
const lastOf = (key: string, kitchen: string, now: string | undefined) =>
  now ?? localStorage.getItem(`${key}.${kitchen}`);

/** Where there is no room for all of them the rooms stand behind the mark. */
function RoomsMenu({ rooms }: { rooms: { name: string; to: string; seated: boolean }[] }) {
  const navigate = useNavigate();
  return (
    <Menu
      label="Rooms"
      items={rooms.map((room) => ({ label: room.name, act: () => void navigate(room.to), seated: room.seated }))}
      trigger={
        <Button look="plain" minHeight="44px" aria-label="Rooms" display="flex" alignItems="center" gap="8px">
          <Mark size={30} />
          Rooms
        </Button>
      }
    />
  );
}

function KitchenMenu({ session, here }: { session: Session; here: Session["kitchens"][number] }) {
  const navigate = useNavigate();
  const leave = useSignOut();
  const kitchens = session.kitchens.length > 1 ? session.kitchens : [];
  const items: MenuItem[] = [
    ...kitchens.map((one) => ({
      label: one.name,
      act: () => void navigate(`/k/${one.id}/pies`),
      seated: one.id === here.id,
    })),
    { label: "Kitchen", act: () => void navigate(`/k/${here.id}/kitchen`) },
    { label: `You, ${session.user?.name ?? ""}`, act: () => void navigate(`/k/${here.id}/you`) },
    { label: "Sign out", act: () => void leave() },
  ];
  return (
    <Menu
      label="Kitchen and you"
      items={items}
      trigger={
        <Button look="plain" fontWeight="430" color="ink2">
          {here.name}
        </Button>
      }
    />
  );
}
