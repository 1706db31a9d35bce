package eventide.outcome;

import eventide.hair.Reading;
import eventide.wash.Wash;

/** One family of causes: adds what it does to the scores of a zone. */
interface Effect {
    void add(Wash wash, Reading reading, Ledger ledger);
}
