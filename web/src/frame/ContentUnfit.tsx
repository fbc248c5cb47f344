import { Link } from "react-router";

/** The department's own content does not fit, and what that means. */
export function ContentUnfit(props: { leads: boolean }) {
  return (
    <p role="status" className="m-0 border-b-[1.5px] border-amber bg-amber-wash px-5 py-1 text-[16px]">
      <b>The department's own content does not fit this version and is not in force.</b> What ships with it
      alone weighs; what was recorded on the department's own tests is kept.{" "}
      {props.leads ? (
        <Link to="/evidence?tab=content" className="underline">
          Mend it under Evidence, Content
        </Link>
      ) : (
        "A lead can mend it."
      )}
    </p>
  );
}
