package eventide.outcome;

import eventide.check.Wash;
import eventide.hair.Reading;

/** One family of causes: adds what it does to the scores of a zone. */
interface Effect {
    void add(Wash wash, Reading reading, Ledger ledger);
}
