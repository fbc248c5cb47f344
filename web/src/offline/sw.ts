/// <reference lib="webworker" />
import { createHandlerBoundToURL, type PrecacheEntry, precacheAndRoute } from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (PrecacheEntry | string)[] };

// The page itself and what it is made of; nothing of anybody's. With a network the page comes from the server, so that a new
// version is there at once.
precacheAndRoute(self.__WB_MANIFEST);

const kept = createHandlerBoundToURL("/index.html");
registerRoute(
  new NavigationRoute(
    async (options) => {
      try {
        return await fetch(options.request);
      } catch {
        return kept(options);
      }
    },
    { denylist: [/^\/(api|actuator|v3)\//] },
  ),
);

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
