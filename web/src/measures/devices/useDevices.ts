import { useEffect, useRef, useState } from "react";
import type { Device } from "../../api/types";
import { type Sample, withSample } from "./trace";

/** A trial that was found in what a device sent. */
export interface DeviceTrial {
  device: string;
  unit: string;
  peak: number;
  plateau: number;
  seconds: number;
  baseline: number;
  complete: boolean;
}

const REDRAW_MS = 100;

/** What all devices send, live: who is there, the latest curve, and the last trial that nobody has dealt with. */
export function useDevices() {
  const [devices, setDevices] = useState<Device[]>([]);
  const [curve, setCurve] = useState<Sample[]>([]);
  const [trial, setTrial] = useState<DeviceTrial>();
  const [cutOff, setCutOff] = useState(false);
  const coming = useRef<Sample[]>([]);
  useEffect(() => {
    const events = new EventSource("/api/devices/events");
    const read = (event: Event) => JSON.parse((event as MessageEvent<string>).data);
    events.addEventListener("devices", (e) => {
      setCutOff(false);
      setDevices(read(e).devices);
    });
    events.addEventListener("sample", (e) => {
      coming.current = withSample(coming.current, read(e));
    });
    events.addEventListener("trial", (e) => setTrial(read(e)));
    events.onerror = () => setCutOff(true);
    const redraw = setInterval(() => setCurve(coming.current), REDRAW_MS);
    return () => {
      events.close();
      clearInterval(redraw);
    };
  }, []);
  return { devices, curve, trial, cutOff, dealtWith: () => setTrial(undefined) };
}
