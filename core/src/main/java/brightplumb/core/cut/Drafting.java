package brightplumb.core.cut;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.cutting.CuttingChecks;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Plausibility;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Step;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.InForce;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.Side;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.truing.Check;
import brightplumb.core.truing.DraftingTable;
import brightplumb.core.truing.Inspected;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The front door of the core: a request goes in, a drafted garment comes out. The same request always gives the same answer. */
public final class Drafting {

    private Drafting() {}

    /**
     * Drafts a garment with its checks and cut lines.
     *
     * @throws Refusal when it cannot be drafted, naming each field at fault
     */
    public static Drafted draft(DraftRequest request) {
        return LeftAndRight.uneven(request)
                .map(differs ->
                        LeftAndRight.joined(request, draft(request, Side.LEFT), draft(request, Side.RIGHT), differs))
                .orElseGet(() -> draft(request, Side.BOTH));
    }

    private static Drafted draft(DraftRequest request, Side side) {
        Body body = Body.of(request.sheet(), side);
        Settings set = new Settings(request.way(), request.cut().defaults(), request.byHand(), body, request.cloth());
        Craft craft = Craft.of(request.cut().family());
        Draft draft = craft.draft(body, set);
        List<CutPiece> pieces = craft.cut(draft, set);
        for (CutPiece piece : pieces) {
            sound(request, piece.piece().sewLine());
            sound(request, piece.cutLine());
        }
        return new Drafted(
                request,
                doubted(request, draft),
                checks(craft, new Inspected(draft, body, set, new Table(craft, body)), pieces),
                pieces,
                request.cut().measures().stream()
                        .flatMap(m -> body.estimateOf(m).stream())
                        .toList(),
                inForce(request, draft, set),
                null);
    }

    /** Draws the garment again for the inspections that try what would settle them. */
    private record Table(Craft craft, Body body) implements DraftingTable {
        @Override
        public Draft draft(Settings set) {
            return craft.draft(body, set);
        }

        @Override
        public boolean cuts(Settings set) {
            return craft.cut(draft(set), set).stream()
                    .allMatch(p -> sound(p.piece().sewLine()) && sound(p.cutLine()));
        }
    }

    private static boolean sound(List<Segment> outline) {
        return Outlines.closed(outline) && !Outlines.crosses(outline);
    }

    private static List<Check> checks(Craft craft, Inspected on, List<CutPiece> pieces) {
        List<Check> checks = new ArrayList<>(craft.checks(on));
        checks.addAll(CuttingChecks.of(pieces, on.set().cloth()));
        return List.copyOf(checks);
    }

    /** No outline leaves the core open or crossed; what cannot be drawn soundly is refused. */
    private static void sound(DraftRequest request, List<Segment> outline) {
        if (!sound(outline)) {
            if (request.byHand().isEmpty()) {
                throw new Refusal(
                        "measures", "From these measures the outline would run through itself; take them again");
            }
            throw new Refusal(request.byHand().keySet().stream()
                    .sorted()
                    .map(s -> new Refusal.Fault(
                            "settings." + s.key(), "With these amounts the outline would run through itself"))
                    .toList());
        }
    }

    private static List<InForce> inForce(DraftRequest request, Draft draft, Settings set) {
        return request.cut().family().settings().stream()
                .map(setting -> {
                    if (setting.isChoice()) {
                        return new InForce(
                                setting,
                                null,
                                set.choice(setting, Choice.class),
                                set.byHand(setting),
                                set.why(setting));
                    }
                    // What a dart plan decides has no rule of its own: the draft says what it came to.
                    Amount amount = set.came(setting, draft.facts());
                    return new InForce(setting, amount, null, set.byHand(setting), set.why(setting));
                })
                .toList();
    }

    private static Draft doubted(DraftRequest request, Draft draft) {
        List<Notice> notices = new ArrayList<>(draft.notices());
        for (Plausibility.Doubt doubt : Plausibility.of(request.sheet())) {
            if (!doubt.id().equals("waist-over-hip") && request.cut().measures().contains(doubt.measure())) {
                notices.add(Notice.of("doubt." + doubt.measure().key() + "." + doubt.id(), doubt.text()));
            }
        }
        return new Draft(draft.steps(), draft.facts(), draft.pieces(), draft.joins(), draft.levels(), notices);
    }

    /**
     * What the other ways of the family would give for each step, by the step's name; only where it differs by more than 0.05 mm. A way
     * that cannot draft this body gives none.
     */
    public static Map<String, List<Rival>> rivals(Drafted drafted) {
        Map<String, List<Rival>> rivals = new LinkedHashMap<>();
        for (Way other : Ways.of(drafted.request().cut().family())) {
            if (!other.id().equals(drafted.request().way().id())) {
                collect(drafted, other, rivals);
            }
        }
        return rivals;
    }

    private static void collect(Drafted drafted, Way other, Map<String, List<Rival>> rivals) {
        DraftRequest request = drafted.request().inWay(other);
        Map<String, Step> theirs;
        try {
            Side side = LeftAndRight.uneven(request).isPresent() ? Side.LEFT : Side.BOTH;
            Body body = Body.of(request.sheet(), side);
            Settings set = new Settings(other, request.cut().defaults(), request.byHand(), body, request.cloth());
            theirs = Craft.of(request.cut().family()).draft(body, set).steps().stream()
                    .collect(Collectors.toMap(Step::id, s -> s));
        } catch (Refusal cannot) {
            return;
        }
        for (Step step : drafted.draft().steps()) {
            Step their = theirs.get(step.id());
            if (their != null && Math.abs(their.amount().value() - step.amount().value()) > 0.05) {
                rivals.computeIfAbsent(step.id(), id -> new ArrayList<>())
                        .add(new Rival(
                                other.id(),
                                other.title(),
                                their.amount().value(),
                                their.amount().formula()));
            }
        }
    }
}
