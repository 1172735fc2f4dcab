import "@fontsource-variable/atkinson-hyperlegible-next";
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { ApiProblem } from "./api/client";
import { router } from "./router";
import { followDevice } from "./ui/scheme";
import { system } from "./ui/theme";

followDevice();
// the app opens without a line, too; what is asked of the server is never kept by it
if (import.meta.env.PROD) void navigator.serviceWorker?.register("/sw.js").catch(() => undefined);

const client = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      // without a line a room goes on with what it has
      networkMode: "always",
      // a refusal does not become right by asking again; silence may
      retry: (count, error) => error instanceof ApiProblem && error.isOffline && count < 2,
    },
  },
});

const root = document.getElementById("root");
if (!root) throw new Error("The page has no root.");
createRoot(root).render(
  <StrictMode>
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ChakraProvider>
  </StrictMode>,
);
