package eventide.server.today;

import eventide.air.Air;

/** The room's thermometer and hygrometer. */
interface Hygrometer {
    Air read();

    /** Where the reading comes from, as shown beside it. */
    String label();
}
