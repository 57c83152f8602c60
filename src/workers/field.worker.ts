import * as Comlink from "comlink";
import { createFieldApi } from "./fieldApi";

Comlink.expose(createFieldApi());
