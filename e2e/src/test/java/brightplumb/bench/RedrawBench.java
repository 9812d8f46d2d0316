package brightplumb.bench;

import brightplumb.e2e.Browser;
import brightplumb.e2e.Packaged;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * In the browser: from a changed amount to the redrawn line, over fifty changes, typed and dragged; the cut book, asked
 * for and shown; and what the first page weighs.
 */
public final class RedrawBench {

    private static final int WARM = 10;
    private static final int CHANGES = 50;

    /** A table that has been at work for a while. */
    private static final int WARM_UNDER_THE_HAND = 60;

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

    /**
     * Takes the end of an amount in hand and drags it about without letting go: for each move how long, in ms, until it
     * was drawn there. Each is further than the last by more than the step it snaps to, so that none was answered
     * before.
     */
    private static final String DRAG = """
            async (moves) => {
              const handle = () => document.querySelector("[data-testid='amount-handle']");
              handle().setPointerCapture = () => {};
              const box = handle().getBoundingClientRect();
              const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
              const send = (type, y) => handle().dispatchEvent(
                new PointerEvent(type,
                    { bubbles: true, pointerId: 1, clientX: at.x, clientY: y, button: 0, buttons: 1 }));
              send('pointerdown', at.y);
              const took = [];
              for (let i = 0; i < moves; i++) {
                const start = performance.now();
                const drawn = new Promise((done) => {
                  const watch = new MutationObserver(() => {
                    watch.disconnect();
                    requestAnimationFrame(() => setTimeout(() => done(performance.now() - start), 0));
                  });
                  watch.observe(document.querySelector("[data-amount='length'] path"),
                    { attributes: true, attributeFilter: ['d'] });
                });
                send('pointermove', at.y + (i % 2 ? 1 : -1) * (3 + i * 1.4));
                took.push(await drawn);
                await new Promise((on) => setTimeout(on, 60));
              }
              send('pointermove', at.y);
              send('pointerup', at.y);
              return took;
            }""";

    /** Asks for the cut book on a person, and answers how long that took, in ms. */
    private static final String BOOK = """
            async (person) => {
              const start = performance.now();
              await (await fetch('/api/cut-book?person=' + person)).json();
              return performance.now() - start;
            }""";

    /**
     * The shortest request that there is, and the frame after it, in ms: what machine and browser take of every redraw,
     * whatever is drawn.
     */
    private static final String NOTHING = """
            async () => {
              const start = performance.now();
              await (await fetch('/api/session')).json();
              document.documentElement.dataset.at = start;
              await new Promise((out) => requestAnimationFrame(() => setTimeout(out, 0)));
              return performance.now() - start;
            }""";

    private RedrawBench() {}

    public static void main(String[] args) {
        try (Packaged application = Packaged.start("bench_redraw");
                Browser browser = new Browser(application.address())) {
            firstLoad(browser);
            settle();
            nothing(browser);
            redraw(browser, "Lamplighter", "a skirt's");
            redraw(browser, "Stilt", "trousers'");
            dragged(browser, "Lamplighter", "a skirt's");
            dragged(browser, "Stilt", "trousers'");
            book(browser);
        }
    }

    /** A minute after its start a table has rehearsed; nobody has a tape in hand before. */
    private static void settle() {
        try {
            Thread.sleep(60_000);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static void firstLoad(Browser browser) {
        Page page = browser.page();
        List<com.microsoft.playwright.Response> answers = new ArrayList<>();
        page.onResponse(answers::add);
        page.navigate("/");
        page.getByLabel("E-mail").waitFor();
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
        double[] first = new double[CHANGES];
        double[] atWork = new double[CHANGES];
        for (int i = 0; i < WARM + 2 * CHANGES; i++) {
            // Never one that was typed before: the page keeps what it was answered.
            String value = String.format(java.util.Locale.ROOT, "%.2f cm", 2.5 + i * 0.07);
            double ms = ((Number) page.evaluate(CHANGE, value)).doubleValue();
            if (i >= WARM + CHANGES) {
                atWork[i - WARM - CHANGES] = ms;
            } else if (i >= WARM) {
                first[i - WARM] = ms;
            }
            page.waitForTimeout(150);
        }
        System.out.println(whose + " changed amount to the redrawn line, at first: " + Spread.of(first));
        System.out.println(whose + " changed amount to the redrawn line, at work: " + Spread.of(atWork));
    }

    private static void nothing(Browser browser) {
        Page page = browser.signedIn();
        double[] took = new double[CHANGES];
        for (int i = 0; i < WARM + CHANGES; i++) {
            double ms = ((Number) page.evaluate(NOTHING)).doubleValue();
            if (i >= WARM) {
                took[i - WARM] = ms;
            }
            page.waitForTimeout(150);
        }
        System.out.println("the shortest request and a frame, of every redraw: " + Spread.of(took));
    }

    private static void dragged(Browser browser, String ticket, String whose) {
        Page page = browser.signedIn();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + ticket)))
                .click();
        page.getByTestId("draft-paper").waitFor();
        page.navigate(page.url() + "?step=length");
        page.getByTestId("amount-handle").waitFor();
        List<?> took = (List<?>) page.evaluate(DRAG, WARM_UNDER_THE_HAND + CHANGES);
        double[] timings = took.subList(WARM_UNDER_THE_HAND, took.size()).stream()
                .mapToDouble(ms -> ((Number) ms).doubleValue())
                .toArray();
        System.out.println(whose + " length, dragged, to the redrawn arrow: " + Spread.of(timings));
    }

    private static void book(Browser browser) {
        Page page = browser.signedIn();
        String person = (String)
                page.evaluate("async () => (await (await fetch('/api/people?q=ottoline')).json()).items[0].id");
        double[] asked = new double[CHANGES];
        for (int i = 0; i < WARM + CHANGES; i++) {
            double ms = ((Number) page.evaluate(BOOK, person)).doubleValue();
            if (i >= WARM) {
                asked[i - WARM] = ms;
            }
        }
        System.out.println("the cut book on one body, over loopback: " + Spread.of(asked));
        double[] shown = new double[WARM];
        for (int i = 0; i < WARM; i++) {
            page.navigate("/");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The rack"))
                    .waitFor();
            shown[i] = ((Number) page.evaluate("""
                    async (person) => {
                      const start = performance.now();
                      history.pushState({}, '', '/new?person=' + person);
                      dispatchEvent(new PopStateEvent('popstate'));
                      while (document.querySelectorAll('input[name=cut] ~ svg path').length < 48)
                        await new Promise(requestAnimationFrame);
                      return performance.now() - start;
                    }""", person)).doubleValue();
        }
        System.out.println("the cut book, from the rack to its last picture: " + Spread.of(shown));
    }
}
