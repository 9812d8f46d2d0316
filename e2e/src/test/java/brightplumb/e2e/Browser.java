package brightplumb.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** A browser at the packaged application, 1280 × 800 as on a small laptop. */
public final class Browser implements AutoCloseable {

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private final Playwright playwright = Playwright.create();
    private final com.microsoft.playwright.Browser chromium;
    private final String address;
    private final List<String> errors = new ArrayList<>();
    private List<Cookie> session = List.of();

    public Browser(String address) {
        this.address = address;
        String path = System.getenv().getOrDefault("PLUMB_CHROMIUM", "/usr/bin/chromium");
        this.chromium = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(path))
                        .setHeadless(true)
                        .setArgs(QUIET));
    }

    /** A fresh page of somebody who has not been here before. */
    public Page page() {
        return page("en-GB");
    }

    /** A fresh page in a browser that speaks a language. */
    public Page page(String language) {
        return page(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setLocale(language));
    }

    /** A page on a tablet, under a finger, signed in to the demo workroom. */
    public Page onTablet(int width, int height) {
        Page page = page(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(true)
                .setIsMobile(true)
                .setLocale("en-GB"));
        return atTheRack(page);
    }

    private Page page(com.microsoft.playwright.Browser.NewContextOptions options) {
        BrowserContext context = chromium.newContext(options.setBaseURL(address));
        context.setDefaultTimeout(15_000);
        Page page = context.newPage();
        page.onPageError(errors::add);
        return page;
    }

    /** A page signed in to the demo workroom. */
    public Page signedIn() {
        return atTheRack(page());
    }

    /**
     * At the rack, by the session that this browser signed in to first: the door is tried where it is what a test is
     * about.
     */
    private Page atTheRack(Page page) {
        page.context().addCookies(session);
        page.navigate("/");
        if (session.isEmpty()) {
            signIn(page);
            session = page.context().cookies().stream().map(Browser::again).toList();
        }
        rack(page).waitFor();
        return page;
    }

    private static Cookie again(Cookie cookie) {
        return new Cookie(cookie.name, cookie.value)
                .setDomain(cookie.domain)
                .setPath(cookie.path)
                .setHttpOnly(cookie.httpOnly)
                .setSameSite(cookie.sameSite);
    }

    public static void signIn(Page page) {
        page.getByLabel("E-mail").fill("demo@brightplumb.test");
        page.getByLabel("Password").fill("calico-and-chalk");
        button(page, "Sign in").click();
        rack(page).waitFor();
    }

    private static com.microsoft.playwright.Locator rack(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The rack"));
    }

    public static com.microsoft.playwright.Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** No finding of axe that is serious or critical. */
    public static void assertAccessible(Page page) {
        // What passes is not told, and no page is opened to put frames together: there are none.
        AxeRunOptions findings = new AxeRunOptions();
        findings.setResultTypes(List.of("violations"));
        List<Rule> found = new AxeBuilder(page)
                .options(findings)
                .setLegacyMode(true)
                .analyze()
                .getViolations();
        assertThat(found)
                .filteredOn(rule -> Set.of("serious", "critical").contains(rule.getImpact()))
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }

    /** Nothing failed inside the pages. */
    public void assertNoErrors() {
        assertThat(errors).isEmpty();
    }

    /** Closes every page: one that is left open goes on drawing. */
    void putAway() {
        List.copyOf(chromium.contexts()).forEach(BrowserContext::close);
    }

    @Override
    public void close() {
        playwright.close();
    }

    /** From a person's page or the rack to the cut book. */
    static void newTicket(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New ticket"))
                .click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Straight skirt").setExact(true))
                .waitFor();
    }

    /** A cut chosen from the book, and a ticket of it hung on the rack. */
    static void hang(Page page, String cut, String name) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(cut).setExact(true))
                .check();
        page.getByLabel("What is it called here").fill(name);
        button(page, "Hang it on the rack").click();
    }

    static void newPerson(Page page, String person) {
        page.navigate("/book");
        button(page, "New person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(person);
        button(page, "Add, and measure").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(person))
                .waitFor();
    }

    /** A station by its address, waited for until its heading is drawn and nothing is being fetched. */
    static void openStation(Page page, String address) {
        page.navigate(address);
        page.locator("main h2:visible, main legend:visible").first().waitFor();
        assertThat(page.getByText("Fetching…")).hasCount(0);
    }

    /** Opens a ticket at its draft, from the rack. */
    static void openTicket(Page page, String name) {
        page.navigate("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        page.getByTestId("draft-paper").waitFor();
    }
}
