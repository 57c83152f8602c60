import * as Comlink from "comlink";
import { createTableFileApi } from "./tableFileApi";

Comlink.expose(createTableFileApi());
