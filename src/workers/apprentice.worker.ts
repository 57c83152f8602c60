import * as Comlink from "comlink";
import { createApprenticeApi } from "./apprenticeApi";

Comlink.expose(createApprenticeApi());
