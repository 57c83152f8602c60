import * as Comlink from "comlink";
import { createSiteApi } from "./siteApi";

Comlink.expose(createSiteApi());
