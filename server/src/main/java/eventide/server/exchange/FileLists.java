package eventide.server.exchange;

import eventide.server.json.Shapes;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Lists of a file that may be missing, read whole or refused with every fault at its place. */
final class FileLists {
    private FileLists() {}

    /**
     * @return empty where the file has none
     * @throws InvalidException where it is no list, or anything in it is at fault
     */
    static <T> List<T> read(Shapes shapes, JsonNode file, String name, Class<T> type) {
        JsonNode list = file.path(name);
        if (!list.isMissingNode() && !list.isNull() && !list.isArray()) {
            throw InvalidException.of(name, name + " must be a list");
        }
        List<Fault> faults = new ArrayList<>();
        List<T> all = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            try {
                all.add(shapes.read(list.get(i), type, id -> null));
            } catch (InvalidException refused) {
                String index = Integer.toString(i);
                refused.faults().forEach(fault -> faults.add(fault.under(index).under(name)));
            }
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        return all;
    }
}
