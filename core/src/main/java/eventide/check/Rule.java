package eventide.check;

import eventide.shape.Source;
import eventide.wash.Wash;
import java.util.List;

/** One mistake the checker knows: when it holds, why it matters, what mends it. */
public interface Rule {
    /** As in the trade's list, such as {@code W1}. */
    String id();

    /** What goes wrong otherwise, in a few words. */
    String why();

    default Source source() {
        return Source.COMMON_PRACTICE;
    }

    /** Empty where there is nothing to say. */
    List<Finding> findings(Wash wash);
}
