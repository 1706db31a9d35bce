package eventide.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Texts out to a spreadsheet and back. */
public class CsvCellTest {
    @DataProvider
    public Object[][] cells() {
        return new Object[][] {
            {"=1+1", "'=1+1"},
            {"+44 of it", "'+44 of it"},
            {"-a little", "'-a little"},
            {"@home", "'@home"},
            {"\tindented", "'\tindented"},
            {"'=already", "''=already"},
            {"'quoted'", "'quoted'"},
            {"a = b", "a = b"},
            {"", ""},
        };
    }

    @Test(dataProvider = "cells")
    public void whatASpreadsheetWouldWorkOutIsMadeHarmless(String cell, String out) {
        assertEquals(CsvCell.out((Object) cell), out);
        assertEquals(CsvCell.in(out), cell);
    }

    @Test
    public void numbersStayNumbers() {
        assertEquals(CsvCell.out((Object) (-3.5)), -3.5);
    }

    @Test
    public void anyTextComesBackUnchanged() {
        Random random = new Random(9);
        String signs = "=+-@\t\r\n'a 1\"";
        for (int i = 0; i < 5000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(6); n > 0; n--) {
                text.append(signs.charAt(random.nextInt(signs.length())));
            }
            String out = (String) CsvCell.out((Object) text.toString());
            assertEquals(CsvCell.in(out), text.toString());
            assertFalse(out.matches("(?s)[=+\\-@\\t\\r\\n].*"), out);
        }
    }
}
