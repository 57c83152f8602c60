import "./styles.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Provider } from "react-redux";
import { BrowserRouter } from "react-router";
import { createServices } from "../services/clients";
import { createWorkers } from "../workers/clients";
import { Places } from "./routes";
import { startOffline } from "./shell/offline";
import { watchTrouble } from "./shell/watchTrouble";
import { createStore } from "./store/createStore";
import { DependenciesContext } from "./store/DependenciesContext";
import { createScoreChannel } from "./store/scoreChannel";
import { TextKeeping } from "./store/textKeeping";
import { guardTypes } from "./trustedTypes";
import { chosenTheme, wearTheme } from "./ui/theme";
import { start } from "./workspace/start";

guardTypes();
wearTheme(chosenTheme());
watchTrouble();
const workers = createWorkers();
const { store, dependencies } = createStore({
  workers,
  ...createServices(),
  scores: createScoreChannel(),
  textKeeping: new TextKeeping(workers.save),
});
// Without it the application works while there is a network.
startOffline(dependencies.saver).catch((error: unknown) => console.warn("It will not work offline", error));
void store.dispatch(start());

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <Provider store={store}>
      <DependenciesContext value={dependencies}>
        <BrowserRouter>
          <Places />
        </BrowserRouter>
      </DependenciesContext>
    </Provider>
  </StrictMode>,
);
