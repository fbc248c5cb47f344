import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { call } from "../api/client";
import { changed } from "../api/stale";
import { ErrorNote } from "../pieces/ErrorNote";
import { SecretField } from "../pieces/SecretField";
import { QrPicture } from "./QrPicture";
import { useSession } from "./useSession";

interface Offer {
  secret: string;
  picture: string[];
}

/** Sets up a code of one's own app beside the password, step by step, or takes it away. */
export function SecondFactorSetup() {
  const client = useQueryClient();
  const { data: session } = useSession();
  const [password, setPassword] = useState("");
  const [code, setCode] = useState("");
  const refresh = () => changed(client, "session");
  const offer = useMutation({
    mutationFn: () => call<Offer>("/api/session/second-factor", "POST", { password }),
  });
  const begin = useMutation({
    mutationFn: () => call<{ codes: string[] }>("/api/session/second-factor/begin", "POST", { code }),
  });
  const end = useMutation({
    mutationFn: () => call("/api/session/second-factor/end", "POST", { password }),
    onSuccess: refresh,
  });
  const send = (then: () => void) => (event: FormEvent) => {
    event.preventDefault();
    then();
  };
  if (begin.data) {
    return (
      <div className="flex flex-col gap-3">
        <p className="m-0">
          <b>It is on.</b> Should the app be gone, each of these codes lets you in once. Write them down now;
          they are not shown again.
        </p>
        <ul className="m-0 grid list-none grid-cols-2 gap-2 p-0 font-bold tracking-wide tabular-nums">
          {begin.data.codes.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
        <button type="button" className="action self-start" onClick={refresh}>
          I have written them down
        </button>
      </div>
    );
  }
  if (offer.data) {
    return (
      <form className="flex flex-col gap-3" onSubmit={send(begin.mutate)}>
        <p className="m-0">
          Take an app for one-time codes and let it read the picture, or type the letters into it. Then type
          the code that it shows.
        </p>
        <QrPicture rows={offer.data.picture} />
        <p className="m-0 text-[16px] break-all">
          <span className="text-soft">Letters: </span>
          {offer.data.secret.match(/.{1,4}/g)?.join(" ")}
        </p>
        <label className="flex flex-col gap-1">
          Code that the app shows
          <input
            className="field w-40"
            inputMode="numeric"
            autoComplete="one-time-code"
            value={code}
            onChange={(e) => setCode(e.target.value)}
          />
        </label>
        <ErrorNote error={begin.error} />
        <button type="submit" className="action self-start" disabled={begin.isPending}>
          Switch it on
        </button>
      </form>
    );
  }
  const on = session?.secondFactor === true;
  return (
    <form className="flex flex-col gap-3" onSubmit={send(on ? end.mutate : offer.mutate)}>
      <p className="m-0">
        {on
          ? "Signing in takes your password and a code of your app."
          : "With a second factor, signing in takes your password and a code that an app on your telephone shows."}
      </p>
      <SecretField label="Your password" kind="current-password" value={password} onChange={setPassword} />
      <ErrorNote error={offer.error ?? end.error} />
      <button type="submit" className="action self-start" disabled={offer.isPending || end.isPending}>
        {on ? "Take it away" : "Go on"}
      </button>
    </form>
  );
}
