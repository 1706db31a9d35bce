package eventide.planner.search;

import eventide.planner.compose.Candidate;
import eventide.planner.compose.Composer;
import eventide.planner.compose.Details;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.Slot;
import eventide.product.Product;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Every plan that can be written: which layers there may be, and how each of them may be shaped, parted and dried. */
public final class PlanSpace {
    private final Stylers stylers;
    private final Composer composer;
    private final List<Frame> ways;
    private final Mixtures mixtures;

    /**
     * @param ways of shaping and drying; how the head is parted is decided here
     */
    public PlanSpace(Stylers stylers, Composer composer, List<Frame> ways) {
        this.stylers = stylers;
        this.composer = composer;
        this.ways = List.copyOf(ways);
        this.mixtures = new Mixtures(stylers);
    }

    /** What the shelf has for each layer. */
    public Stylers stylers() {
        return stylers;
    }

    /** Which bottles go together: ranked once for all that is asked of this shelf. */
    public Mixtures mixtures() {
        return mixtures;
    }

    /** Ways of shaping and drying that are open to this query, however the head is parted. */
    public List<Frame> ways() {
        return ways;
    }

    /**
     * Pieces the head is parted into, by pattern, density, goal and length.
     *
     * @return pieces, at least 1
     */
    public int sections(Frame frame, boolean shaped) {
        return composer.sections(frame, shaped);
    }

    /** Every plan there is with these smaller things. */
    public List<Candidate> everything(Details details) {
        List<Candidate> all = new ArrayList<>();
        for (Layers layers : stylers.layerings()) {
            for (Frame frame : frames(layers)) {
                for (Product gel : some(layers, Slot.GEL)) {
                    for (Product mousse : some(layers, Slot.MOUSSE)) {
                        for (Product cream : some(layers, Slot.CREAM)) {
                            for (Product leaveIn : some(layers, Slot.LEAVE_IN)) {
                                all.add(new Candidate(
                                        leaveIn,
                                        cream,
                                        gel,
                                        mousse,
                                        frame.hands(),
                                        frame.sections(),
                                        frame.drying(),
                                        details));
                            }
                        }
                    }
                }
            }
        }
        return all;
    }

    /** How many that are. */
    public long size() {
        long size = 0;
        for (Layers layers : stylers.layerings()) {
            long mixtures = 1;
            for (Slot slot : Slot.values()) {
                mixtures *= layers.has(slot) ? stylers.bottles(slot).size() : 1;
            }
            size += mixtures * frames(layers).size();
        }
        return size;
    }

    private List<Product> some(Layers layers, Slot slot) {
        return layers.has(slot) ? stylers.bottles(slot) : NONE;
    }

    private static final List<Product> NONE = new ArrayList<>();

    static {
        NONE.add(null);
    }

    /** Every way of working these layers that is another: without anything that holds nobody shapes. */
    public List<Frame> frames(Layers layers) {
        List<Frame> frames = new ArrayList<>();
        Set<Candidate.Drying> bare = new HashSet<>();
        for (Frame way : ways) {
            if (!layers.isShaped()) {
                if (bare.add(way.drying())) {
                    frames.add(new Frame(ways.get(0).hands(), Candidate.Sections.USUAL, way.drying()));
                }
                continue;
            }
            Set<Integer> parted = new HashSet<>();
            for (Candidate.Sections sections : Candidate.Sections.values()) {
                Frame frame = new Frame(way.hands(), sections, way.drying());
                if (parted.add(composer.sections(frame, true))) {
                    frames.add(frame);
                }
            }
        }
        return frames;
    }

    /** A plan parted in every way that is another. */
    public List<Candidate> partings(Candidate choice) {
        return frames(Layers.of(choice)).stream()
                .filter(frame -> frame.hands() == choice.hands() && frame.drying() == choice.drying())
                .map(choice::with)
                .toList();
    }

    /** Where nothing holds, nobody shapes. */
    public Candidate unshaped(Candidate choice) {
        return choice.isShaped()
                ? choice
                : choice.with(new Frame(ways.get(0).hands(), Candidate.Sections.USUAL, choice.drying()));
    }
}
