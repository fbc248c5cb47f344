import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";
import { DialogFrame } from "../pieces/DialogFrame";
import { MENU_ITEM, Menu } from "../pieces/Menu";
import { SecondFactorSetup } from "./SecondFactorSetup";
import { SecretDialog } from "./SecretDialog";
import { useSession, useSessionAct } from "./useSession";

/** What concerns the account of whoever is signed in; open from the start. */
export function AccountChoices() {
  const { data: session } = useSession();
  const act = useSessionAct();
  const navigate = useNavigate();
  const [open, setOpen] = useState<"pin" | "password" | "second-factor">();
  if (!session?.name) {
    return null;
  }
  const item = (label: string, onSelect: () => void) => (
    <DropdownMenu.Item className={MENU_ITEM} onSelect={onSelect}>
      {label}
    </DropdownMenu.Item>
  );
  return (
    <>
      <Menu label={session.name} description={`Account of ${session.name}`} align="end" startsOpen>
        <DropdownMenu.Label className="px-3 text-[15px] text-soft">
          {session.name}, {session.role}
        </DropdownMenu.Label>
        {item("Lock the screen", () => act.mutate({ path: "/lock" }))}
        {item(session.hasPin ? "Change the PIN" : "Set a PIN for the locked screen", () => setOpen("pin"))}
        {item("Change the password", () => setOpen("password"))}
        {item("Second factor", () => setOpen("second-factor"))}
        {(session.role === "lead" || session.role === "clinician") &&
          item("Cases out and in", () => navigate("/exchange"))}
        {item("Sign out", () => act.mutate({ path: "", method: "DELETE" }))}
        {item("Sign out everywhere", () => act.mutate({ path: "/everywhere" }))}
        <DropdownMenu.Label className="px-3 pt-1 text-[15px] text-soft">
          Lexicor {session.version}
        </DropdownMenu.Label>
      </Menu>
      {(["pin", "password"] as const).map((secret) => (
        <SecretDialog
          key={secret}
          secret={secret}
          open={open === secret}
          onClose={() => setOpen(undefined)}
        />
      ))}
      <DialogFrame
        open={open === "second-factor"}
        onOpenChange={(wanted) => !wanted && setOpen(undefined)}
        title="Second factor"
        width={520}
      >
        <SecondFactorSetup />
      </DialogFrame>
    </>
  );
}
