import { NavLink } from "react-router";
import type { Role } from "../api/types";
import { useSession } from "../session/useSession";
import { BAR_WAY } from "./bar";

const ROOMS: { to: string; name: string; roles: Role[] }[] = [
  { to: "/cases", name: "Cases", roles: ["clinician", "lead"] },
  { to: "/evidence", name: "Evidence", roles: ["clinician", "lead", "auditor"] },
  { to: "/outcomes", name: "Outcomes", roles: ["clinician", "lead"] },
  { to: "/practice", name: "Practice", roles: ["clinician", "lead", "student"] },
  { to: "/settings", name: "Settings", roles: ["clinician", "lead"] },
  { to: "/people", name: "People", roles: ["lead"] },
  { to: "/history", name: "History", roles: ["lead", "auditor"] },
];

/** The ways between the department's rooms, the same wherever one is. */
export function Rooms() {
  const { data: session } = useSession();
  return (
    <nav aria-label="Department" className="flex flex-wrap">
      {ROOMS.filter((r) => session?.role && r.roles.includes(session.role)).map((r) => (
        <NavLink key={r.to} to={r.to} className={BAR_WAY}>
          {r.name}
        </NavLink>
      ))}
    </nav>
  );
}
