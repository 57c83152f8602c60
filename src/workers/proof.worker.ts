import * as Comlink from "comlink";
import { createProofApi } from "./proofApi";

Comlink.expose(createProofApi());
