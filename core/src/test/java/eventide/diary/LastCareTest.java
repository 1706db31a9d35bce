package eventide.diary;

import static org.testng.Assert.assertEquals;

import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.shape.Changed;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What was said at the consult and what the log shows, counted to a day. */
public class LastCareTest {
    private static final LocalDate READ = LocalDate.of(2026, 3, 2);
    private static final Hair HAIR = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 30);

    private static Hair said(Double wash, Double clarify, Double protein) {
        Hair hair = Changed.with(HAIR, "daysSinceWash", wash);
        hair = Changed.with(hair, "daysSinceClarify", clarify);
        return Changed.with(hair, "daysSinceProtein", protein);
    }

    private static DiaryWash wash(int after, boolean clarified, boolean protein) {
        return new DiaryWash(READ.plusDays(after), clarified, false, protein, null, null, null);
    }

    @DataProvider
    Object[][] heads() {
        return new Object[][] {
            // said at the reading, washes so many days after it, on which day, days since wash, clarifying, protein
            {said(null, null, null), List.of(), 5, null, null, null},
            {said(2.0, 10.0, 30.0), List.of(), 5, 7.0, 15.0, 35.0},
            {said(2.0, 10.0, 30.0), List.of(wash(1, false, false)), 5, 4.0, 15.0, 35.0},
            {said(2.0, 10.0, 30.0), List.of(wash(1, true, false)), 5, 4.0, 4.0, 35.0},
            {said(null, null, null), List.of(wash(1, true, true), wash(8, false, false)), 15, 7.0, 14.0, 14.0},
            // Clarified at home since the log's last: the later counts.
            {said(1.0, 1.0, null), List.of(wash(-9, true, true)), 0, 1.0, 1.0, 9.0},
            // Nothing is so many days ago that it could not be kept.
            {said(3650.0, null, null), List.of(), 400, 3650.0, null, null},
        };
    }

    @Test(dataProvider = "heads")
    public void theLaterOfBothCounts(
            Hair hair, List<DiaryWash> washes, int day, Double wash, Double clarify, Double protein) {
        Hair then = LastCare.said(hair, READ).with(washes).on(READ.plusDays(day), hair, READ);
        assertEquals(then, Changed.with(said(wash, clarify, protein), "newClient", hair.newClient()));
    }

    @Test
    public void aHeadWashedHereIsNoNewClients() {
        Hair fresh = Changed.with(Changed.with(HAIR, "newClient", true), "buildUp", true);
        LastCare before = LastCare.said(fresh, READ).with(List.of(wash(-3, true, false)));
        assertEquals(before.on(READ, fresh, READ).newClient(), Boolean.TRUE);
        assertEquals(before.on(READ, fresh, READ).buildUp(), Boolean.TRUE);
        Hair washed = before.with(List.of(wash(0, false, false))).on(READ.plusDays(7), fresh, READ);
        assertEquals(washed.newClient(), Boolean.FALSE);
        assertEquals(washed.buildUp(), Boolean.TRUE, "what coats it is still there");
        Hair clean = before.with(List.of(wash(0, true, false))).on(READ.plusDays(7), fresh, READ);
        assertEquals(clean.buildUp(), Boolean.FALSE);
    }

    /** However the washes lie, and wherever they come from, it is the same head. */
    @Test
    public void noOrderOfWashesMatters() {
        Random random = new Random(20261201);
        for (int i = 0; i < 500; i++) {
            List<DiaryWash> washes = new ArrayList<>();
            for (int n = random.nextInt(9); n > 0; n--) {
                washes.add(wash(random.nextInt(60) - 30, random.nextBoolean(), random.nextBoolean()));
            }
            Hair hair = said(
                    random.nextBoolean() ? null : Double.valueOf(random.nextInt(40)),
                    random.nextBoolean() ? null : Double.valueOf(random.nextInt(40)),
                    null);
            LastCare known = LastCare.said(hair, READ).with(washes);
            Hair then = known.on(READ.plusDays(40), hair, READ);
            Collections.shuffle(washes, random);
            int cut = random.nextInt(washes.size() + 1);
            LastCare apart = LastCare.UNKNOWN
                    .with(washes.subList(cut, washes.size()))
                    .with(LastCare.said(hair, READ).with(washes.subList(0, cut)));
            assertEquals(apart, known);
            // Said again as it is now, it is the same a week on.
            assertEquals(
                    LastCare.said(then, READ.plusDays(40)).on(READ.plusDays(47), then, READ.plusDays(40)),
                    known.on(READ.plusDays(47), hair, READ));
        }
    }
}
