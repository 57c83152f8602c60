import { GLOSSARY, type TermId } from "./glossary";

/** What a word of the application means, in one line. */
export const HintText = ({ of }: { of: TermId }) => GLOSSARY[of][1];
