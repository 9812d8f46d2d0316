package brightplumb.core.garment;

import static brightplumb.core.rule.CrotchSettings.BACK_EXTENSION;
import static brightplumb.core.rule.CrotchSettings.FORK_DROP;
import static brightplumb.core.rule.CrotchSettings.FRONT_EXTENSION;
import static brightplumb.core.rule.HipSettings.HIP_ALLOCATION;
import static brightplumb.core.rule.WaistSettings.BACK_RISE;

import brightplumb.core.cutting.Alteration;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a correction finds in cloth that is cut: what each piece still gives, and where one does not, what its neighbour
 * that is not cut yet can be given in its place.
 *
 * @param pieces every piece of the corrected garment, in the order they are cut
 * @param offers what a neighbour can take over
 */
public record CutCloth(List<Alteration> pieces, List<Offer> offers) {

    /** The seams at which one panel can give to the other. */
    private static final List<EdgeRole> GIVING = List.of(EdgeRole.SIDE, EdgeRole.INSEAM, EdgeRole.CROTCH);

    /** What the draft finds by itself, so that it moves with a correction that says nothing of it. */
    private static final List<Setting> FOUND = List.of(BACK_RISE, FORK_DROP, BACK_EXTENSION);

    /**
     * What would spare a piece.
     *
     * @param piece the piece whose cloth does not have the correction
     * @param settings what is set besides the correction, mm
     */
    public record Offer(PieceId piece, Sentence text, Map<Setting, SettingValue> settings) {
        public Offer {
            settings = Map.copyOf(settings);
        }
    }

    /** The settings by which a piece is spared. */
    public static final Set<Setting> SPARING =
            Set.of(HIP_ALLOCATION, FRONT_EXTENSION, BACK_EXTENSION, BACK_RISE, FORK_DROP);

    /** Less than this is not cut otherwise, mm. */
    private static final double MOVED = 0.5;

    public CutCloth {
        pieces = List.copyOf(pieces);
        offers = List.copyOf(offers);
    }

    /**
     * Returns what a correction asks of pieces that are cut already.
     *
     * @param cut the pieces that are cut, by name
     * @throws Refusal when the correction cannot be drafted, or a piece is not the garment's
     */
    public static CutCloth of(DraftRequest worn, DraftRequest corrected, Set<String> cut) {
        Drafted before = Drafting.draft(worn);
        Drafted after = Drafting.draft(corrected);
        for (String name : cut) {
            if (before.pieces().stream().noneMatch(p -> name(p).equals(name))) {
                throw new Refusal(new FieldPath("cut"), "This garment has no piece called " + name);
            }
        }
        List<Alteration> pieces = Alteration.between(before.pieces(), after.pieces());
        List<Offer> offers = new ArrayList<>();
        for (Alteration piece : pieces) {
            if (cut.contains(piece.piece().toString()) && piece.cutAnew()) {
                held(before, after, piece).ifPresent(offers::add);
                piece.edges().stream()
                        .filter(e -> e.does() == Alteration.Does.CUT_ANEW)
                        .flatMap(e -> neighbour(before, after, piece, e, cut).stream())
                        .findFirst()
                        .ifPresent(offers::add);
            }
        }
        return new CutCloth(pieces, offers);
    }

    private static String name(CutPiece piece) {
        return piece.piece().id().toString();
    }

    /** To leave as it was cut what the correction moved without saying so. */
    private static Optional<Offer> held(Drafted before, Drafted after, Alteration lacks) {
        Map<Setting, Double> held = new LinkedHashMap<>();
        for (Setting setting : FOUND) {
            if (!after.request().byHand().containsKey(setting)) {
                amount(before, setting)
                        .ifPresent(was -> amount(after, setting)
                                .filter(is -> Math.abs(is - was) > MOVED)
                                .ifPresent(is -> held.put(setting, was)));
            }
        }
        return spared(before, after, lacks.piece(), held)
                .map(settings -> new Offer(
                        lacks.piece(),
                        Sentence.of("Leave as it was cut: "
                                + held.keySet().stream().map(Setting::spoken).collect(Collectors.joining(", ")) + "."),
                        settings));
    }

    /** To give it to the panel it is sewn to, where that is not cut yet. */
    private static Optional<Offer> neighbour(
            Drafted before, Drafted after, Alteration lacks, Alteration.AtEdge at, Set<String> cut) {
        Piece from = after.draft().piece(lacks.piece());
        Edge edge = from.require(at.role(), at.nth());
        Optional<PieceId> neighbour = after.draft().joins().stream()
                .flatMap(j -> j.partner(from.id(), edge).stream())
                .map(s -> s.piece())
                .filter(p -> !p.equals(from.id()) && !cut.contains(p.toString()))
                .findFirst();
        if (neighbour.isEmpty() || !GIVING.contains(at.role())) {
            return Optional.empty();
        }
        return Stream.of(at.by() - at.room(), at.by())
                .flatMap(by -> spared(before, after, from.id(), over(after, from, at.role(), by)).stream()
                        .map(settings -> new Offer(
                                from.id(),
                                Sentence.of(after.draft().piece(neighbour.get()).title()
                                        + " is not cut yet: give it " + Sentence.figure(Length.mm(by))
                                        + " of it at the " + at.role().spoken() + "."),
                                settings)))
                .findFirst();
    }

    /** What one panel gives to the other at a seam. */
    private static Map<Setting, Double> over(Drafted after, Piece from, EdgeRole seam, double by) {
        Map<Setting, Double> moved = new LinkedHashMap<>();
        if (seam.equals(EdgeRole.SIDE)) {
            move(after, HIP_ALLOCATION, from.behind() ? -by : by, moved);
        } else {
            move(after, from.behind() ? BACK_EXTENSION : FRONT_EXTENSION, -by, moved);
            move(after, from.behind() ? FRONT_EXTENSION : BACK_EXTENSION, by, moved);
        }
        return moved;
    }

    private static void move(Drafted after, Setting setting, double by, Map<Setting, Double> moved) {
        amount(after, setting)
                .map(now -> now + by)
                .filter(to -> to >= setting.least() && to <= setting.most())
                .ifPresent(to -> moved.put(setting, to));
    }

    private static Optional<Double> amount(Drafted drafted, Setting setting) {
        return drafted.settings().stream()
                .filter(s -> s.setting().equals(setting) && s.applies() && s.amount() != null)
                .map(s -> s.amount().value())
                .findFirst();
    }

    /** The settings, where with them a piece's cloth has the correction; else empty. */
    private static Optional<Map<Setting, SettingValue>> spared(
            Drafted before, Drafted after, PieceId piece, Map<Setting, Double> settings) {
        Map<Setting, SettingValue> hands = new HashMap<>(after.request().byHand());
        Map<Setting, SettingValue> set = new LinkedHashMap<>();
        settings.forEach((setting, amount) -> set.put(setting, setting.value(amount)));
        hands.putAll(set);
        try {
            List<CutPiece> otherwise =
                    Drafting.draft(after.request().hands(hands)).pieces();
            boolean has = Alteration.between(before.pieces(), otherwise).stream()
                    .filter(a -> a.piece().equals(piece))
                    .noneMatch(Alteration::cutAnew);
            return has && !set.isEmpty() ? Optional.of(set) : Optional.empty();
        } catch (Refusal cannot) {
            return Optional.empty();
        }
    }
}
