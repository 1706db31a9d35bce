package eventide.server.today;

import eventide.air.Air;
import org.springframework.stereotype.Component;

/** Stands in for a device on the salon's wall: always the same mild day. */
@Component
class SimulatedHygrometer implements Hygrometer {
    @Override
    public Air read() {
        return Air.of(22, 52);
    }

    @Override
    public String label() {
        return "simulated";
    }
}
