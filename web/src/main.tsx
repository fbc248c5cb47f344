import "@fontsource/atkinson-hyperlegible-next/latin-400.css";
import "@fontsource/atkinson-hyperlegible-next/latin-600.css";
import "@fontsource/atkinson-hyperlegible-next/latin-700.css";
import "./app.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { App } from "./App";
import { applyTheme, storedTheme } from "./frame/theme";
import { device, keepWhatIsOpen, keyRing } from "./offline/device";
import { keepFocusTrail } from "./pieces/focusTrail";
import { later, NotLoaded } from "./pieces/later";
import { deviceStore } from "./queue/store";
import { pageQueue, QueueContext } from "./queue/useQueue";
import { SessionGate } from "./session/SessionGate";

const HelpScreen = later(() => import("./help/HelpScreen").then((m) => m.HelpScreen), NotLoaded);
const Help = () => (
  <Suspense>
    <HelpScreen />
  </Suspense>
);

applyTheme(storedTheme());
keepFocusTrail();

const client = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 5_000, retry: 1, networkMode: "always" },
    mutations: { networkMode: "always" },
  },
});

keepWhatIsOpen(client);
const queue = pageQueue(client, deviceStore(device, keyRing));

if (import.meta.env.PROD && "serviceWorker" in navigator) {
  // Without it everything works but a reload without a network.
  navigator.serviceWorker.register("/sw.js").catch(() => undefined);
}

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <QueueContext value={queue}>
          <BrowserRouter>
            <Routes>
              {/* Help is there for whoever is not in yet, too. */}
              <Route path="/help/:page?" element={<Help />} />
              <Route
                path="*"
                element={
                  <SessionGate>
                    <App />
                  </SessionGate>
                }
              />
            </Routes>
          </BrowserRouter>
        </QueueContext>
      </QueryClientProvider>
    </StrictMode>,
  );
}
