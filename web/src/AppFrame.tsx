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
    { name: "Pies", to: `/k/${kitchen}/pies`, seated: !pie && !/\/(stores|you|kitchen)$/.test(pathname) },
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
