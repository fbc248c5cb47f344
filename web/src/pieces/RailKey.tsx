/** What the marks on a rail mean. */
export function RailKey() {
  return (
    <p className="m-0 text-[14px] text-soft">
      <b aria-hidden="true">|</b> where it began <b aria-hidden="true">◆</b> where it stands{" "}
      <b aria-hidden="true">[ ]</b> ruled out for now, treat as likely. Dark band: how well the average is
      known; light: what a new clinic may find. Each has its own chance; they need not add up to 100&#8239;%.
    </p>
  );
}
