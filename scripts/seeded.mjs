import fc from "fast-check";

/**
 * Random tests draw the same cases in every run of `npm test`, so that it fails for what was
 * changed and not by the luck of the draw; `npm run soak` gives a new seed to each round.
 */
fc.configureGlobal({ seed: Number(process.env.DINTEL_SEED ?? 20_251) });
