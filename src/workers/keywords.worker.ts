import * as Comlink from "comlink";
import { createKeywordsApi } from "./keywordsApi";

Comlink.expose(createKeywordsApi());
