import "./styles.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Provider } from "react-redux";
import { RouterProvider } from "react-router";
import { router } from "./routes";
import { startOffline } from "./shell/offline";
import { watchTrouble } from "./shell/watchTrouble";
import { store } from "./store/store";
import { guardTypes } from "./trustedTypes";
import { chosenTheme, wearTheme } from "./ui/theme";
import { start } from "./workspace/start";

guardTypes();
wearTheme(chosenTheme());
watchTrouble();
// Without it the application works while there is a network.
startOffline().catch((error: unknown) => console.warn("It will not work offline", error));
void start();

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  </StrictMode>,
);
