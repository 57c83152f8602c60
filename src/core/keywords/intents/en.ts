import { folded, type IntentRules } from "./rules";

export const englishIntents: IntentRules = {
  code: "en",
  signals: [
    {
      intent: "local",
      words: folded("nearby local directions"),
      phrases: ["near me", "close to me", "in my area", "opening hours", "open now"],
    },
    {
      intent: "transactional",
      words: folded(
        "buy order hire rent rental book booking purchase shop store sale deal deals discount discounts coupon voucher cheap cheapest affordable used refurbished finance lease leasing subscribe subscription download quote",
      ),
      phrases: ["for sale", "second hand", "free shipping", "monthly payments", "where to buy", "test ride"],
    },
    {
      intent: "navigational",
      words: folded("login website homepage portal account contact app www signin"),
      phrases: ["sign in", "log in", "phone number", "customer service", "official site"],
    },
    {
      intent: "commercial",
      words: folded(
        "best top review reviews reviewed rating ratings rated compare compared comparison versus vs alternative alternatives price prices pricing cost costs recommended ranking",
      ),
      phrases: ["how much", "pros and cons", "worth it", "which is better"],
    },
    {
      intent: "informational",
      words: folded(
        "how what why when where who which can does do is are should will guide tutorial tips tip ideas idea meaning definition examples example explained learn checklist diy instructions rules law safe safety difference benefits maintenance repair fix clean cleaning history template problems",
      ),
      phrases: ["step by step", "for beginners"],
    },
  ],
  questions: folded(
    "how what why when where who whom whose which can could do does did is are was were will would should has have am may",
  ),
};
