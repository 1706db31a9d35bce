package eventide.outcome;

import eventide.hair.Reading;
import eventide.wash.Features;
import eventide.wash.Wash;

/** One family of causes: adds what it does to the scores of a zone. */
interface Effect {
    /** @param features what the wash came to at the ledger's zone */
    void add(Wash wash, Features features, Reading hair, Ledger ledger);
}
