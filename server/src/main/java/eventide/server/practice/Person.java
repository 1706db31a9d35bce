package eventide.server.practice;

import eventide.shape.InvalidException;

/** Whose practice it is, by a name of their own. */
final class Person {
    private static final int MOST_LETTERS = 60;

    private Person() {}

    /**
     * @throws InvalidException where it is no name
     */
    static String named(String person) {
        if (person.isBlank() || person.length() > MOST_LETTERS) {
            throw InvalidException.of(
                    "person", "a name must have 1 to " + MOST_LETTERS + " letters, but had " + person.length());
        }
        return person;
    }
}
