package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.cutting.CutPlan;
import brightplumb.core.cutting.CuttingChecks;
import brightplumb.core.cutting.MostStretch;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Plausibility;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Hand;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.InForce;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Check;
import brightplumb.core.table.DraftingTable;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Inspection;
import brightplumb.core.table.Operation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The front door of the core: a request goes in, a drafted garment comes out. The same request always gives the same
 * answer.
 */
public final class Drafting {

    private Drafting() {}

    /**
     * Drafts a garment with its checks and cut lines.
     *
     * @throws Refusal when it cannot be drafted, naming each field at fault
     */
    public static Drafted draft(DraftRequest request) {
        Body body = Body.of(request.sheet());
        CutOut cut = CutOut.of(request);
        List<Check> found = checks(cut);
        Mending mending = new Mending(
                request,
                found,
                other -> inspected(other).checks(),
                setting -> cut.set().knows(setting)
                        ? Optional.of(cut.set()
                                .effectiveAmount(setting, cut.draft()::told)
                                .value())
                        : Optional.empty());
        List<InForce> inForce = inForce(cut.garment(), cut.draft(), cut.set());
        return new Drafted(
                request,
                withIdleHands(inForce, withTapeWarnings(request, cut.draft())),
                found.stream().map(mending::kept).toList(),
                cut.pieces(),
                request.cut().measures().stream()
                        .flatMap(m -> body.estimateOf(m).stream())
                        .toList(),
                inForce,
                made(request, cut.block(), cut.effects()));
    }

    /**
     * Draws a garment as {@link #draft} does, and does not look at it: there are no checks, no estimates and no doubts
     * of the tape. For a line that is drawn anew under the hand.
     *
     * @throws Refusal when it cannot be drafted, naming each field at fault
     */
    public static Drafted drawn(DraftRequest request) {
        CutOut cut = CutOut.of(request);
        return new Drafted(
                request,
                cut.draft(),
                List.of(),
                cut.pieces(),
                List.of(),
                inForce(cut.garment(), cut.draft(), cut.set()),
                made(request, cut.block(), cut.effects()));
    }

    /** A garment drawn and looked at, without what could be set or mended on it. */
    record InspectedDraft(Draft draft, List<Check> checks) {}

    /** @throws Refusal when it cannot be drafted, naming each field at fault */
    static InspectedDraft inspected(DraftRequest request) {
        CutOut cut = CutOut.of(request);
        return new InspectedDraft(cut.draft(), checks(cut));
    }

    /** A garment drawn, with its pieces as they are cut. */
    private record CutOut(
            Garment garment,
            Settings set,
            Draft block,
            Draft draft,
            List<CutPiece> pieces,
            Map<Operation, Made.Effect> effects) {

        static CutOut of(DraftRequest request) {
            Garment garment = Garment.of(request);
            Settings set = garment.settings(Body.of(request.sheet()));
            Draft block = garment.block(set);
            Map<Operation, Made.Effect> effects = new LinkedHashMap<>();
            Draft draft = MostStretch.marked(garment.made(block, set, effects::put), request.cloth());
            List<CutPiece> pieces = CutPlan.of(draft, set, garment.allDoneIn(set));
            // What was traced on other cloth has the very lines of the piece it was traced from.
            Set<List<Segment>> seen = Collections.newSetFromMap(new IdentityHashMap<>());
            for (CutPiece piece : pieces) {
                if (seen.add(piece.cutLine())) {
                    List<Segment> sewn = piece.piece().sewLine();
                    sound(request, sewn);
                    if (!piece.cutLine().equals(sewn)) {
                        sound(request, piece.cutLine());
                    }
                }
            }
            return new CutOut(garment, set, block, draft, pieces, effects);
        }
    }

    private static List<Made> made(DraftRequest request, Draft block, Map<Operation, Made.Effect> effects) {
        return Stream.concat(request.cut().with().stream(), Catalogue.OPERATIONS.stream())
                .distinct()
                .filter(o -> effects.containsKey(o) || o.fits(block))
                .sorted(Comparator.comparing(Operation::rank))
                .map(o -> new Made(
                        o,
                        request.cut().with().contains(o),
                        effects.containsKey(o),
                        effects.getOrDefault(o, Made.Effect.NOTHING)))
                .toList();
    }

    /** Draws the garment again for the inspections that try what would settle them. */
    private record Redrafter(Garment garment) implements DraftingTable {
        @Override
        public Draft draft(Settings set) {
            return garment.draft(set.on(Body.of(garment.request().sheet())));
        }

        @Override
        public boolean cuts(Settings set) {
            return CutPlan.of(draft(set), set, garment.allDoneIn(set)).stream()
                    .allMatch(p -> sound(p.piece().sewLine()) && sound(p.cutLine()));
        }
    }

    private static boolean sound(List<Segment> outline) {
        return Outlines.closed(outline) && !Outlines.crosses(outline);
    }

    private static List<Check> checks(CutOut cut) {
        Garment garment = cut.garment();
        Draft draft = cut.draft();
        Settings set = cut.set();
        Redrafter redrafter = new Redrafter(garment);
        boolean uneven = draft.pieces().stream().anyMatch(p -> p.id().hand() == Hand.RIGHT);
        List<Inspected> sides = (uneven ? List.of(Hand.LEFT, Hand.RIGHT) : List.of(Hand.BOTH))
                .stream()
                        .map(hand -> {
                            Settings mine = hand == Hand.BOTH
                                    ? set
                                    : set.on(Body.of(garment.request().sheet(), hand));
                            return Inspected.of(draft, mine.body(), mine, redrafter, hand);
                        })
                        .toList();
        List<Check> checks = new ArrayList<>();
        for (Inspection inspection : garment.inspections(set)) {
            worst(inspection, sides).ifPresent(checks::add);
        }
        checks.addAll(CuttingChecks.of(cut.pieces(), set.cloth()));
        return List.copyOf(checks);
    }

    /** An inspection as it stands on the worse of two sides. */
    private static Optional<Check> worst(Inspection inspection, List<Inspected> sides) {
        Optional<Check> first = inspection.of(sides.get(0));
        if (sides.size() == 1 || first.isEmpty()) {
            return first;
        }
        return inspection
                .of(sides.get(1))
                .filter(other -> other.verdict().worseThan(first.get().verdict()))
                .map(other -> other.saying("Right leg: " + other.text()))
                .or(() -> first);
    }

    /** No outline leaves the core open or crossed; what cannot be drawn soundly is refused. */
    private static void sound(DraftRequest request, List<Segment> outline) {
        if (!sound(outline)) {
            if (request.byHand().isEmpty()) {
                throw new Refusal(
                        FieldPath.MEASURES,
                        "From these measures the outline would run through itself; take them again");
            }
            throw new Refusal(request.byHand().keySet().stream()
                    .sorted()
                    .map(s -> new Refusal.Fault(s.field(), "With these amounts the outline would run through itself"))
                    .toList());
        }
    }

    private static List<InForce> inForce(Garment garment, Draft draft, Settings set) {
        Set<Setting> applying = garment.applying(set);
        return garment.readable(set).stream()
                .filter(setting -> setting.isChoice() ? set.knows(setting) : set.knows(setting) || told(setting, draft))
                .map(setting -> {
                    boolean applies = applying.contains(setting);
                    // What a dart plan decides has no rule of its own: the draft says what it came to.
                    return setting.isChoice()
                            ? new InForce(
                                    setting,
                                    null,
                                    set.choice(setting, Choice.class),
                                    set.byHand(setting),
                                    applies,
                                    set.why(setting))
                            : new InForce(
                                    setting,
                                    set.effectiveAmount(setting, draft::told),
                                    null,
                                    set.byHand(setting),
                                    applies,
                                    set.why(setting));
                })
                .toList();
    }

    private static boolean told(Setting setting, Draft draft) {
        return setting.facts().stream().anyMatch(fact -> draft.told(fact).isPresent());
    }

    /** Says which amounts a hand set change nothing as the rest is set: they are kept, and drawn when it changes. */
    private static Draft withIdleHands(List<InForce> inForce, Draft draft) {
        List<Notice> notices = new ArrayList<>(draft.notices());
        for (InForce idle : inForce) {
            if (idle.byHand() && !idle.applies()) {
                notices.add(Notice.of(
                        "idle." + idle.setting().key(),
                        idle.setting().title()
                                + " was set by hand and changes nothing as the rest is set; it is kept for when it "
                                + "does."));
            }
        }
        return draft.noticing(notices);
    }

    private static Draft withTapeWarnings(DraftRequest request, Draft draft) {
        List<Notice> notices = new ArrayList<>(draft.notices());
        for (Plausibility.Doubt doubt : Plausibility.of(request.sheet())) {
            if (!doubt.id().equals("waist-over-hip") && request.cut().measures().contains(doubt.measure())) {
                notices.add(Notice.of("doubt." + doubt.measure().key() + "." + doubt.id(), doubt.text()));
            }
        }
        return draft.noticing(notices);
    }
}
