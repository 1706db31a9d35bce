package eventide.server.shelf;

/** The small scale beside the shelf. */
interface Scale {
    /** What lies on it, in g. */
    double grams();

    /** Where the reading comes from, as it is shown. */
    String label();
}
