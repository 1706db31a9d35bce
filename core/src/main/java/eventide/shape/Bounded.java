package eventide.shape;

import java.util.List;

/**
 * A record whose cost to work out can be reckoned before that is begun. It may be held in any size its ranges allow; a request
 * that brings one beyond its bound is refused.
 */
public interface Bounded {
    /** Empty where it is within its bound; else what is beyond it, with the bound and the number. */
    List<Fault> beyond();
}
