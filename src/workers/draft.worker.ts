import * as Comlink from "comlink";
import { createDraftApi } from "./draftApi";

Comlink.expose(createDraftApi());
