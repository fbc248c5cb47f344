import { lazy, Suspense } from "react";
import { useSession } from "../session/useSession";

const ContentUnfit = lazy(() => import("./ContentUnfit").then((m) => ({ default: m.ContentUnfit })));

/** On every screen, to everybody, until it is mended: the department's own content is not in force. */
export function ContentNote() {
  const { data: session } = useSession();
  return session?.contentUnfit ? (
    <Suspense>
      <ContentUnfit leads={session.role === "lead"} />
    </Suspense>
  ) : null;
}
