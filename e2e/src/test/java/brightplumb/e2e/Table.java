package brightplumb.e2e;

import com.microsoft.playwright.assertions.PlaywrightAssertions;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** The packaged application with a browser before it, laid once for all tests. */
record Table(Packaged application, Browser browser) implements AutoCloseable {

    @Override
    public void close() {
        browser.close();
        application.close();
    }

    private static Table lay(Object key) {
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        Packaged application = Packaged.start("e2e");
        return new Table(application, new Browser(application.address()));
    }

    /** Gives the table to a test class that asks for it, and looks afterwards whether a page broke. */
    static final class Laid implements ParameterResolver, AfterAllCallback {

        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
            return parameter.getParameter().getType() == Table.class;
        }

        @Override
        public Table resolveParameter(ParameterContext parameter, ExtensionContext context) {
            return table(context);
        }

        @Override
        public void afterAll(ExtensionContext context) {
            table(context).browser().assertNoErrors();
        }

        private static Table table(ExtensionContext context) {
            return context.getRoot()
                    .getStore(ExtensionContext.Namespace.create(Table.class))
                    .getOrComputeIfAbsent(Table.class, Table::lay, Table.class);
        }
    }
}
