import type { Plugin } from "vite";

export function townLines(): string;
export const towns: () => Plugin;
