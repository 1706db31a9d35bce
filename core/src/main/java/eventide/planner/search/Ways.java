package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Frame;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.List;

/** The ways of shaping and drying that are open to a head: by its pattern, the tools that are here, and the client's schools. */
public final class Ways {
    private final Query query;

    public Ways(Query query) {
        this.query = query;
    }

    /** Each with the usual number of sections. */
    public List<Frame> open() {
        List<Frame> ways = new ArrayList<>();
        for (Candidate.Shaping hands : hands()) {
            for (Candidate.Drying drying : drying()) {
                ways.add(new Frame(hands, Candidate.Sections.USUAL, drying));
            }
        }
        return ways;
    }

    private List<Candidate.Shaping> hands() {
        Schools.Hands school = query.schoolsOrDefault().hands();
        boolean here = school != Schools.Hands.BRUSH || query.limitsOrUsual().has(OwnedTool.BRUSH);
        // Who would brush and has none here works as the goal asks.
        if (school != null && school != Schools.Hands.BY_GOAL && here) {
            return List.of(Candidate.Shaping.valueOf(school.name()));
        }
        List<Candidate.Shaping> hands = new ArrayList<>();
        boolean wavy = query.hair().pattern().isWavy() || query.hair().pattern().isStraight();
        // Coils too: where there is little time it is what still leaves minutes for something that holds [CP].
        hands.add(wavy ? Candidate.Shaping.SCRUNCH : Candidate.Shaping.SMOOTH);
        if (!wavy) {
            hands.add(Candidate.Shaping.SCRUNCH);
        }
        // A brush pulls coils apart; who brushes them all the same says so [CP].
        if (query.limitsOrUsual().has(OwnedTool.BRUSH)
                && !query.hair().pattern().isCoily()) {
            hands.add(Candidate.Shaping.BRUSH);
        }
        if (!wavy) {
            hands.add(Candidate.Shaping.COIL);
        }
        if (query.hair().pattern().isCoily()) {
            hands.add(Candidate.Shaping.SHINGLE);
        }
        return hands;
    }

    private List<Candidate.Drying> drying() {
        Limits limits = query.limitsOrUsual();
        boolean diffuser = limits.has(OwnedTool.DIFFUSER);
        Schools.DryTo school = query.schoolsOrDefault().dryTo();
        List<Candidate.Drying> drying = new ArrayList<>();
        if (school == Schools.DryTo.AIR || !diffuser && !limits.has(OwnedTool.HOODED_DRYER)) {
            return List.of(Candidate.Drying.AIR, Candidate.Drying.HOME);
        }
        if (school == Schools.DryTo.PART_THEN_AIR && diffuser) {
            return List.of(Candidate.Drying.PART, Candidate.Drying.LEAVE);
        }
        if (school == Schools.DryTo.AIR_THEN_DRYER && diffuser) {
            return List.of(Candidate.Drying.AIR_ROOTS);
        }
        if (diffuser) {
            drying.add(Candidate.Drying.DIFFUSE);
        }
        // Who says where the diffuser begins means to diffuse.
        if (limits.has(OwnedTool.HOODED_DRYER) && query.schoolsOrDefault().diffuseFrom() == null) {
            drying.add(Candidate.Drying.HOOD);
        }
        if (school == Schools.DryTo.FULL) {
            return drying;
        }
        if (diffuser) {
            drying.add(Candidate.Drying.PART);
            drying.add(Candidate.Drying.LEAVE);
            boolean longer = query.goal().length() > 0 && query.hair().pattern().isTight();
            if (longer) {
                drying.add(Candidate.Drying.AIR_ROOTS);
            }
        }
        drying.add(Candidate.Drying.AIR);
        drying.add(Candidate.Drying.HOME);
        return drying;
    }
}
