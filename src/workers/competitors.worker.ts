import * as Comlink from "comlink";
import { createCompetitorsApi } from "./competitorsApi";

Comlink.expose(createCompetitorsApi());
