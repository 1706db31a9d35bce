package eventide.product;

import java.util.Arrays;
import java.util.List;

/**
 * A role as something to pick: what it is called and for.
 *
 * @param washesOut whether it is rinsed out again; what stays in the hair cannot take its place, nor it the other's
 */
public record RoleCard(Role role, Role.Group kind, String label, String purpose, boolean washesOut) {
    /** All of them, in the order of the work. */
    public static final List<RoleCard> ALL = Arrays.stream(Role.values())
            .map(role -> new RoleCard(role, role.kind(), role.label(), role.purpose(), role.washesOut()))
            .toList();
}
