package eventide.server.json;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What was kept is read though today's records would refuse it. */
public class KeptDocumentTest {
    private static final JsonMapper JSON = new JsonMapper();

    enum Colour {
        BUFF,
        BLUE
    }

    record Buoy(@Range(from = 0, to = 5) Double depth, @Maybe Colour colour) {
        Buoy {
            Shape.check(Buoy.class, depth, colour);
        }
    }

    record Chart(
            @Letters(most = 4) String name,
            @Maybe Colour ground,
            @Maybe List<Colour> colours,
            @Maybe List<Buoy> buoys,
            @Maybe Map<Colour, Buoy> by) {
        Chart {
            Shape.check(Chart.class, name, ground, colours, buoys, by);
        }
    }

    @DataProvider
    public Object[][] kept() {
        Buoy deep = new Buoy(5.0, null);
        return new Object[][] {
            {"{'name':'a'}", new Chart("a", null, null, null, null)},
            {"{'name':'a','keptAs':1}", new Chart("a", null, null, null, null)},
            // a field, a word, a length and a range that are no more
            {"{'name':'a','scale':3}", new Chart("a", null, null, null, null)},
            {"{'name':'a','ground':'PINK'}", new Chart("a", null, null, null, null)},
            {"{'name':'abcdefg'}", new Chart("abcd", null, null, null, null)},
            {
                "{'name':'a','buoys':[{'depth':9},{'depth':2.5}]}",
                new Chart("a", null, null, List.of(deep, new Buoy(2.5, null)), null)
            },
            {
                "{'name':'a','colours':['PINK','BLUE','RED','BUFF']}",
                new Chart("a", null, List.of(Colour.BLUE, Colour.BUFF), null, null)
            },
            // what cannot stand without the part that is gone goes with it
            {
                "{'name':'a','buoys':[{'colour':'BLUE'},{'depth':1}]}",
                new Chart("a", null, null, List.of(new Buoy(1.0, null)), null)
            },
            {
                "{'name':'a','by':{'PINK':{'depth':1},'BLUE':{'depth':7}}}",
                new Chart("a", null, null, null, Map.of(Colour.BLUE, deep))
            },
        };
    }

    @Test(dataProvider = "kept")
    public void isFittedToWhatCanBeReadToday(String text, Chart reads) {
        assertEquals(KeptDocument.read(JSON.readTree(text.replace('\'', '"')), Chart.class), reads);
    }

    @Test
    public void withoutItsRequiredPartsItIsRefused() {
        expectThrows(
                InvalidException.class, () -> KeptDocument.read(JSON.readTree("{\"ground\":\"BLUE\"}"), Chart.class));
    }

    @Test
    public void eachStepBringsItToTheNextFormat() {
        List<UnaryOperator<ObjectNode>> steps = List.of(
                chart -> chart.put("name", chart.remove("title").asString()),
                chart -> chart.put("name", chart.get("name").asString() + "!"));
        assertEquals(Upgrades.toToday(JSON.readTree("{\"title\":\"a\"}"), steps).toString(), "{\"name\":\"a!\"}");
        assertEquals(
                Upgrades.toToday(JSON.readTree("{\"name\":\"a\",\"keptAs\":2}"), steps)
                        .toString(),
                "{\"name\":\"a!\"}");
        assertEquals(
                Upgrades.toToday(JSON.readTree("{\"name\":\"a\",\"keptAs\":3}"), steps)
                        .toString(),
                "{\"name\":\"a\"}");
    }
}
