package brightplumb.bench;

import brightplumb.e2e.Packaged;
import java.io.IOException;

/** A print of one ticket as PDF, with one revision frozen and with a thousand, and of a full set of trousers. */
public final class PrintBench {

    private static final int WARM = 40;
    private static final int COUNTED = 100;
    private static final int MANY = 1000;

    private PrintBench() {}

    public static void main(String[] args) throws Exception {
        try (Packaged application = Packaged.start("bench_print")) {
            Caller caller = Caller.signedIn(application.address());
            String ticket = caller.ticket("lamplighter");
            run(caller, ticket, "", WARM);
            report("a print of one ticket with 1 revision", run(caller, ticket, "", COUNTED));
            report("a print of that revision", run(caller, ticket, "&revision=1", COUNTED));
            String trousers = trousers(caller);
            run(caller, trousers, "", WARM);
            report("a print of trousers with fly, band and scoop pockets", run(caller, trousers, "", COUNTED));
            for (int i = 1; i < MANY; i++) {
                caller.must("POST", "/api/tickets/" + ticket + "/revisions", "{\"reason\":\"again\"}");
            }
            report("a print of one ticket with " + MANY + " revisions", run(caller, ticket, "", COUNTED));
            report("a print of one of them", run(caller, ticket, "&revision=" + MANY / 2, COUNTED));
        }
    }

    private static String trousers(Caller caller) throws IOException, InterruptedException {
        String person = caller.must("GET", "/api/people?q=ottoline", "")
                .replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
        return caller.must(
                        "POST",
                        "/api/tickets",
                        "{\"personId\":\"" + person
                                + "\",\"name\":\"Printed\",\"cut\":\"classic-trousers\",\"with\":[\"scoop-pocket\"]}")
                .replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
    }

    private static void report(String what, Spread spread) {
        System.out.println(what + ": " + spread);
    }

    private static Spread run(Caller caller, String ticket, String which, int count)
            throws IOException, InterruptedException {
        double[] timings = new double[count];
        for (int i = 0; i < count; i++) {
            long began = System.nanoTime();
            caller.must("GET", "/api/tickets/" + ticket + "/print.pdf?paper=a4" + which, "");
            timings[i] = (System.nanoTime() - began) / 1e6;
        }
        return Spread.of(timings);
    }
}
