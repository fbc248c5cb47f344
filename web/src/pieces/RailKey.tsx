import { unbroken } from "./format";

/** What the marks on a rail mean. */
export function RailKey(props: { bands: string }) {
  return (
    <p className="m-0 text-[14px] text-soft print:text-[12px]">
      <b aria-hidden="true">|</b> where it began <b aria-hidden="true">◆</b> where it stands{" "}
      <b aria-hidden="true">[ ]</b> ruled out for now, treat as likely. {unbroken(props.bands)} Each has its
      own chance; they need not add up to 100&#8239;%.
    </p>
  );
}
