import * as Comlink from "comlink";
import { createPicturesApi } from "./picturesApi";

Comlink.expose(createPicturesApi());
