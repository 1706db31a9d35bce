package eventide.server.shelf;

import org.springframework.stereotype.Component;

/** Stands in for a scale: ten pumps of a usual bottle, always the same. Labelled as simulated wherever it is shown. */
@Component
class SimulatedScale implements Scale {
    private static final double TEN_PUMPS_G = 11.5;

    @Override
    public double grams() {
        return TEN_PUMPS_G;
    }

    @Override
    public String label() {
        return "simulated scale";
    }
}
