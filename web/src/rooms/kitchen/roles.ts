import type { Role } from "../../api/client";

export const ROLES: Record<Role, string> = { owner: "owner", cook: "cook", guest: "guest" };

/** What an owner gives to others; a kitchen is handed over, not shared. */
export const SHARED_ROLES: [Role, string][] = [
  ["cook", "cook"],
  ["guest", "guest"],
];
