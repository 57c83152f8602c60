import * as Comlink from "comlink";
import { createFilesApi } from "./filesApi";

Comlink.expose(createFilesApi());
