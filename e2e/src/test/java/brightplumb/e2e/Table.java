package brightplumb.e2e;

import com.microsoft.playwright.assertions.PlaywrightAssertions;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** The packaged application, started once for all tests, with a browser of each test class's own before it. */
record Table(Packaged application, Browser browser) implements AutoCloseable {

    /**
     * The slow compiler would not be repaid in the minutes of a test's run, and would take the browsers' processors.
     */
    static final String QUICK_TO_COMPILE = "-XX:TieredStopAtLevel=1";

    @Override
    public void close() {
        browser.close();
    }

    /**
     * Gives the table to a test class that asks for it, clears it after each test, and looks afterwards whether a page
     * broke.
     */
    static final class Laid implements ParameterResolver, AfterEachCallback, AfterAllCallback {

        private static final ExtensionContext.Namespace TABLES = ExtensionContext.Namespace.create(Table.class);

        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
            return parameter.getParameter().getType() == Table.class;
        }

        @Override
        public Table resolveParameter(ParameterContext parameter, ExtensionContext context) {
            return table(context);
        }

        @Override
        public void afterEach(ExtensionContext context) {
            table(context).browser().putAway();
        }

        @Override
        public void afterAll(ExtensionContext context) {
            table(context).browser().assertNoErrors();
        }

        /** A browser may be spoken to by its own thread alone, and a test class has one. */
        private static Table table(ExtensionContext context) {
            ExtensionContext tests = context;
            while (tests.getTestMethod().isPresent()) {
                tests = tests.getParent().orElseThrow();
            }
            return tests.getStore(TABLES).getOrComputeIfAbsent(Table.class, key -> lay(context), Table.class);
        }

        private static Table lay(ExtensionContext context) {
            PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
            Packaged application = context.getRoot()
                    .getStore(TABLES)
                    .getOrComputeIfAbsent(
                            Packaged.class,
                            key -> Packaged.start("e2e", QUICK_TO_COMPILE, "-Dplumb.rehearsal=off"),
                            Packaged.class);
            return new Table(application, new Browser(application.address()));
        }
    }
}
