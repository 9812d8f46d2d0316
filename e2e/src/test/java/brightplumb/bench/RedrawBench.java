package brightplumb.bench;

import brightplumb.e2e.Browser;
import brightplumb.e2e.Packaged;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** In the browser: from a changed amount to the redrawn line, over fifty changes; and what the first page weighs. */
public final class RedrawBench {

    private static final int WARM = 10;
    private static final int CHANGES = 50;

    /** Types an amount and answers, in ms, when the side line was drawn anew and the frame was out. */
    private static final String CHANGE = """
            async (value) => {
              const field = document.querySelector('#set-hipEase');
              const line = document.querySelector("[data-step='side.line.front'] path, [data-step='side.front'] path");
              const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
              const start = performance.now();
              const drawn = new Promise((done) => {
                const watch = new MutationObserver(() => {
                  watch.disconnect();
                  requestAnimationFrame(() => setTimeout(() => done(performance.now() - start), 0));
                });
                watch.observe(line, { attributes: true, attributeFilter: ['d'] });
              });
              set.call(field, value);
              field.dispatchEvent(new Event('input', { bubbles: true }));
              return drawn;
            }""";

    private RedrawBench() {}

    public static void main(String[] args) {
        try (Packaged application = Packaged.start("bench_redraw");
                Browser browser = new Browser(application.address())) {
            firstLoad(browser);
            redraw(browser, "Lamplighter", "a skirt's");
            redraw(browser, "Stilt", "trousers'");
        }
    }

    private static void firstLoad(Browser browser) {
        Page page = browser.page();
        List<com.microsoft.playwright.Response> answers = new ArrayList<>();
        page.onResponse(answers::add);
        page.navigate("/");
        page.getByLabel("Address").waitFor();
        page.evaluate("() => document.fonts.ready.then(() => true)");
        long bytes = answers.stream()
                .mapToLong(r -> r.request().sizes().responseBodySize)
                .sum();
        System.out.printf(
                java.util.Locale.ROOT,
                "first page, gzipped, fonts included: %.0f kB in %d requests%n",
                bytes / 1000.0,
                answers.size());
        page.context().close();
    }

    private static void redraw(Browser browser, String ticket, String whose) {
        Page page = browser.signedIn();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + ticket)))
                .click();
        page.getByTestId("draft-paper").waitFor();
        double[] timings = new double[CHANGES];
        for (int i = 0; i < WARM + CHANGES; i++) {
            String value = (1 + i % 4) + (i % 2 == 0 ? " 1/4" : " 5/8");
            double ms = ((Number) page.evaluate(CHANGE, value)).doubleValue();
            if (i >= WARM) {
                timings[i - WARM] = ms;
            }
            page.waitForTimeout(150);
        }
        System.out.println(whose + " changed amount to the redrawn line: " + Spread.of(timings));
    }
}
