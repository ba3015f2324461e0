import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { chunkSizeWarningLimit: 900 },
  // For work on the client alone: the server of ./start answers the API.
  server: { proxy: { "/api": "http://127.0.0.1:5080" } },
});
