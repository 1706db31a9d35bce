package eventide.browser;

import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** Tests in a browser of their own, at a demo salon of their own. */
abstract class InTheDemoSalon {
    Browsing browsing;

    @BeforeClass
    public void start() {
        browsing = new Browsing(true);
    }

    @AfterClass
    public void stop() {
        browsing.close();
    }
}
