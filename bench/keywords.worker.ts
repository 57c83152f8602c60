/** The keyword bench in a worker, as the application reads keyword files. */
import { benchKeywords } from "./keywords";

benchKeywords();
