package brightplumb.app.demo;

import brightplumb.app.PlumbProperties;
import brightplumb.app.account.Accounts;
import brightplumb.app.account.Member;
import brightplumb.app.making.Progress;
import brightplumb.app.people.People;
import brightplumb.app.people.SheetView.ReadingView;
import brightplumb.app.people.Sheets;
import brightplumb.app.tickets.Revisions;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.TapeReader;
import brightplumb.core.measure.Unit;
import brightplumb.core.measure.UnreadableTape;
import brightplumb.core.rule.Cloth;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The wardrobe of the Saltmarsh Playhouse, where the demo is on, dressing “The Lamplighter's Daughter”. All invented.
 */
@Component
class DemoSeed implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoSeed.class);
    private static final String PASSWORD = "calico-and-chalk";

    private final PlumbProperties started;
    private final JdbcClient db;
    private final Accounts accounts;
    private final PasswordEncoder passwords;
    private final People people;
    private final Sheets sheets;
    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Revisions revisions;
    private final Progress progress;

    DemoSeed(
            PlumbProperties started,
            JdbcClient db,
            Accounts accounts,
            PasswordEncoder passwords,
            People people,
            Sheets sheets,
            Tickets tickets,
            TicketDrafts drafts,
            Revisions revisions,
            Progress progress) {
        this.progress = progress;
        this.started = started;
        this.db = db;
        this.accounts = accounts;
        this.passwords = passwords;
        this.people = people;
        this.sheets = sheets;
        this.tickets = tickets;
        this.drafts = drafts;
        this.revisions = revisions;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments args) {
        // Two nodes starting at once take turns; the second finds it done.
        db.sql("select pg_advisory_xact_lock(765001)").query(rs -> {});
        if (!started.demo()) {
            accounts.endDemoSessions();
            return;
        }
        if (accounts.hasDemo()) {
            return;
        }
        workroom("Saltmarsh Playhouse", "demo@brightplumb.test", "Winifred Hale")
                .ifPresent(room -> fill(room, LocalDate.now()));
        workroom("Harbour Lane Alterations", "other@brightplumb.test", "Tobias Crane")
                .ifPresent(this::fillOther);
        LOG.info("The demo workrooms are there");
    }

    private void fillOther(UUID other) {
        UUID person =
                person(other, "Perpetua Sedge", "in", "waistGirth", "31", "hipGirth", "41 1/2", "hipDepth", "8 1/2");
        tickets.add(
                other,
                person,
                "Grey flannel skirt",
                "straight-skirt",
                "quarter",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                null);
    }

    /** An invented workroom; empty where somebody took its address while the demo was off: theirs stays as it is. */
    private Optional<UUID> workroom(String name, String email, String who) {
        Optional<UUID> room = accounts.open(name, who, email, passwords.encode(PASSWORD), true)
                .map(Member::workroom);
        if (room.isEmpty()) {
            LOG.warn("Somebody has the address {}; that part of the demo is left out", email);
        }
        return room;
    }

    private void fill(UUID room, LocalDate today) {
        UUID ottoline = person(
                room,
                "Ottoline Varga",
                "in",
                "waistGirth",
                "29 1/4",
                "hipGirth",
                "39 3/4",
                "hipDepth",
                "8 1/4",
                "bodyRise",
                "10 1/2");
        sheet(
                room,
                ottoline,
                today.minusDays(1),
                "in",
                "waistGirth",
                "29 1/2",
                "hipDepth",
                "8 1/4",
                "hipGirth",
                "40 1/4",
                "frontHipArc",
                "19 1/2",
                "backHipArc",
                "20 3/4",
                "bodyRise",
                "10 5/8",
                "crotchLength",
                "28 1/2",
                "thighGirth",
                "23 1/2",
                "kneeDepth",
                "22 3/4",
                "outsideLeg",
                "40 1/2",
                "bustGirth",
                "37",
                "stature",
                "5 ft 6");
        UUID bramwell = person(
                room,
                "Bramwell Oake",
                "in",
                "waistGirth",
                "42 1/2",
                "hipGirth",
                "41",
                "hipDepth",
                "8 3/4",
                "bodyRise",
                "11 1/4");
        UUID isaura = person(
                room,
                "Isaura Penhallow",
                "cm",
                "waistGirth",
                "68,5",
                "hipDepth",
                "20,5",
                "hipGirth",
                "97,8",
                "bustGirth",
                "88",
                "bustSpan",
                "18,2",
                "stature",
                "171");
        UUID dorothea = person(
                room,
                "Dorothea Quill",
                "in",
                "waistGirth",
                "36 1/2",
                "hipDepth",
                "9 | 9 1/4",
                "hipGirth",
                "47 1/4",
                "frontHipArc",
                "22 3/8",
                "backHipArc",
                "24 7/8");
        UUID lark = person(room, "Lark Emberton", "cm", "waistGirth", "61", "hipGirth", "86,5");
        UUID nerissa = person(
                room,
                "Nerissa Fole",
                "in",
                "waistGirth",
                "27 1/2",
                "hipDepth",
                "8 1/8",
                "hipGirth",
                "38",
                "bodyRise",
                "10 1/2",
                "thighGirth",
                "22",
                "outsideLeg",
                "39 1/2",
                "bustGirth",
                "35 1/2",
                "shoulderWidth",
                "15",
                "acrossBack",
                "13 3/4",
                "shoulderToBust",
                "9 7/8",
                "shoulderToWaist",
                "16 1/4",
                "armholeGirth",
                "16",
                "neckGirth",
                "14",
                "headGirth",
                "22 1/4",
                "verticalTrunk",
                "59",
                "stature",
                "5 ft 5");
        people.add(room, "Casimir Thorne", "Understudy; to be measured on Thursday");

        UUID lamplighter = ticket(
                room,
                ottoline,
                "Lamplighter skirt, act one",
                "house",
                Map.of("length", 720.0, "hemTaper", 25.4),
                Cloth.WOVEN,
                today.plusDays(9));
        ticket(room, isaura, "Postmistress pencil skirt", "quarter", Map.of(), Cloth.WOVEN, today.plusDays(4));
        ticket(
                room,
                dorothea,
                "Mrs Fenwick’s good skirt",
                "house",
                Map.of("length", 780.0),
                Cloth.WOVEN,
                today.plusDays(16));
        ticket(
                room,
                bramwell,
                "The Admiral’s kilted underskirt",
                "house",
                Map.of("length", 560.0),
                Cloth.WOVEN,
                today.plusDays(23));
        ticket(room, lark, "Net-mender’s skirt", "halfblock", Map.of(), new Cloth(0.15, 1400, true, false), null);
        UUID stilts = tickets.add(
                room,
                ottoline,
                "Stilt-walker’s trousers, act two",
                "classic-trousers",
                "house",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                today.plusDays(12));
        tickets.add(
                room,
                bramwell,
                "Ferryman’s shorts",
                "shorts-block",
                "sixteenth",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                today.plusDays(20));
        tickets.add(
                room,
                ottoline,
                "Signal-box shorts",
                "flap-pocket-shorts",
                "house",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                today.plusDays(27));
        tickets.add(
                room,
                nerissa,
                "Sea nymph’s under-body",
                "round-neck-bodysuit",
                "house",
                Map.of(),
                new Cloth(0.4, 1500, true, false),
                MadeWith.RECIPE,
                today.plusDays(30));
        tickets.add(
                room,
                nerissa,
                "Rock-pool bather",
                "sleeved-playsuit",
                "house",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                today.plusDays(34));
        tickets.add(
                room,
                nerissa,
                "Foam on the tide",
                "peplum-jumpsuit",
                "house",
                Map.of(),
                Cloth.WOVEN,
                MadeWith.RECIPE,
                today.plusDays(37));
        var request = drafts.request(room, tickets.require(room, lamplighter));
        revisions.freeze(room, lamplighter, revisions.draw(request), "First toile", "Winifred Hale");
        sewn(room, stilts, "mark", 48);
        sewn(room, stilts, "fuse", 14);
        sewn(room, stilts, "darts", 22);
        sewn(room, stilts, "neaten", 31);
    }

    private void sewn(UUID room, UUID ticket, String work, int minutes) {
        progress.took(room, ticket, List.of(work), minutes * 60L);
        progress.done(room, ticket, List.of(work), true, "Winifred Hale");
    }

    private UUID ticket(
            UUID room,
            UUID person,
            String name,
            String way,
            Map<String, Object> settings,
            Cloth cloth,
            LocalDate promised) {
        return tickets.add(room, person, name, "straight-skirt", way, settings, cloth, MadeWith.RECIPE, promised);
    }

    private UUID person(UUID room, String name, String unit, String... readings) {
        UUID person = people.add(room, name, "");
        sheet(room, person, LocalDate.now().minusDays(74), unit, readings);
        return person;
    }

    private void sheet(UUID room, UUID person, LocalDate day, String unit, String... readings) {
        Map<String, ReadingView> read = new LinkedHashMap<>();
        Unit meant = Unit.of(unit).orElseThrow();
        for (int i = 0; i < readings.length; i += 2) {
            Measure measure = Measure.of(readings[i]).orElseThrow();
            try {
                // Two readings, or left and right, are written with a bar between them.
                String[] typed = readings[i + 1].split(" \\| ");
                double mm = TapeReader.read(typed[0], meant).mm();
                boolean twice = typed.length > 1;
                Double second =
                        twice ? (Double) TapeReader.read(typed[1], meant).mm() : null;
                read.put(
                        measure.key(),
                        new ReadingView(typed[0], unit, mm, "measured", twice ? typed[1] : null, second));
            } catch (UnreadableTape e) {
                throw new IllegalStateException(readings[i + 1], e);
            }
        }
        sheets.add(room, person, null, day, "Winifred Hale", "", read);
    }
}
