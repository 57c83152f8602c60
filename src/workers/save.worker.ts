import * as Comlink from "comlink";
import { createSaveApi } from "./saveApi";

Comlink.expose(createSaveApi());
