package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.*;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Guesses;
import brightplumb.core.garment.Making;
import brightplumb.core.garment.Notions;
import brightplumb.core.garment.Rival;
import brightplumb.core.garment.Rivals;
import brightplumb.core.geometry.Line;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.Estimate;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import brightplumb.core.working.Token;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** Turns what the core answers into the contract's names. */
final class DraftViews {

    private DraftViews() {}

    static DraftView of(Drafted drafted, Shown shown) {
        Map<String, String> madeBy = madeBy(drafted);
        Pattern pattern = drafted.draft().pattern();
        Map<Fact, List<Rival>> rivals = shown.rivals() ? Rivals.of(drafted) : Map.of();
        Guesses guesses = shown.guesses() ? Guesses.of(drafted) : Guesses.NONE;
        Map<String, Double> facts = new LinkedHashMap<>();
        drafted.draft().facts().forEach((fact, amount) -> facts.put(fact.id(), amount.value()));
        return new DraftView(
                drafted.request().cut().id(),
                drafted.request().way().id(),
                facts,
                drafted.draft().steps().stream()
                        .map(s -> step(
                                s,
                                rivals.getOrDefault(s.fact(), List.of()),
                                guesses.ofStep(s.fact()),
                                setting(drafted, s)))
                        .toList(),
                drafted.pieces().stream()
                        .filter(p -> shown.made()
                                || !madeBy.containsKey(p.piece().id().toString()))
                        .map(p -> piece(p, pattern, madeBy.get(p.piece().id().toString()), shown.cut()))
                        .toList(),
                pattern.joins().stream()
                        .filter(j -> shown.made() || madeBy.keySet().stream().noneMatch(made -> holds(j, made)))
                        .flatMap(DraftViews::join)
                        .toList(),
                drafted.checks().stream()
                        .map(c -> check(c, shown.remedies(), guesses.ofCheck(c.id())))
                        .toList(),
                drafted.draft().notices().stream()
                        .map(n -> new NoticeView(n.id(), n.text(), remedy(n.remedy())))
                        .toList(),
                drafted.estimates().stream().map(DraftViews::estimate).toList(),
                levels(drafted),
                inForce(drafted),
                ClothView.of(drafted.request().cloth()),
                made(drafted),
                shown.cut() ? Notions.of(drafted).stream().map(NotionView::of).toList() : List.of(),
                shown.cut()
                        ? Making.of(drafted, drafted.request().cut().order()).steps().stream()
                                .map(OrderedView::of)
                                .toList()
                        : List.of());
    }

    /** The operation that each made piece came of, by the piece's name. */
    static Map<String, String> madeBy(Drafted drafted) {
        Map<String, String> madeBy = new HashMap<>();
        drafted.made()
                .forEach(m -> m.effect()
                        .pieces()
                        .forEach(p -> madeBy.put(p, m.operation().id())));
        return madeBy;
    }

    static List<LevelView> levels(Drafted drafted) {
        return drafted.draft().levels().stream()
                .filter(l -> l.hand() != Hand.RIGHT)
                .map(l -> new LevelView(l.name(), l.y()))
                .toList();
    }

    static List<MadeView> made(Drafted drafted) {
        return drafted.made().stream()
                .map(m -> new MadeView(
                        m.operation().id(),
                        m.operation().title(),
                        m.operation().place(),
                        m.recipe(),
                        m.done(),
                        m.effect().reshapes(),
                        m.effect().pieces(),
                        m.effect().steps()))
                .toList();
    }

    private static boolean holds(Join join, String piece) {
        return join.layers().stream()
                .flatMap(r -> r.stretches().stream())
                .anyMatch(s -> s.piece().toString().equals(piece));
    }

    static EstimateView estimate(Estimate e) {
        return new EstimateView(e.measure().key(), e.amount().value(), e.rule());
    }

    private static Map<String, InForceView> inForce(Drafted drafted) {
        Map<String, InForceView> settings = new LinkedHashMap<>();
        drafted.settings()
                .forEach(s -> settings.put(
                        s.setting().key(),
                        new InForceView(
                                s.amount() == null ? null : s.amount().value(),
                                s.choice() == null ? null : s.choice().id(),
                                s.byHand(),
                                s.applies(),
                                s.amount() == null ? "" : s.amount().formula(),
                                s.why())));
        return settings;
    }

    /** The setting a step says, where a hand can say it otherwise; else null. */
    static String setting(Drafted drafted, Step step) {
        return drafted.settings().stream()
                .filter(s -> s.applies() && s.amount() != null && s.setting().isShownByStep(step.fact()))
                .map(s -> s.setting().key())
                .findFirst()
                .orElse(null);
    }

    private static StepView step(Step step, List<Rival> rivals, List<Measure> guesses, String setting) {
        Amount amount = step.amount();
        return new StepView(
                step.fact().id(),
                step.title(),
                amount.formula(),
                amount.working().stream().map(DraftViews::token).toList(),
                amount.value(),
                kind(amount.kind()),
                printed(amount),
                amount.fact() == null ? null : amount.fact().id(),
                step.why(),
                rivals.stream()
                        .map(r -> new RivalView(
                                r.way(), r.title(), r.value(), r.formula(), r.why(), SettingValue.told(r.settings())))
                        .toList(),
                amount.estimated() || !guesses.isEmpty(),
                keys(guesses),
                amount.overridden(),
                drawn(step, Places.MEASURED),
                setting);
    }

    private static PrintedView printed(Amount amount) {
        return new PrintedView(
                amount.printed().sixteenths(),
                amount.printed().inches(),
                amount.printed().centimetres());
    }

    static List<DrawnView> drawn(Step step, Places told) {
        return step.drawn().stream()
                .map(d -> new DrawnView(
                        d.sheet(), d.role().name().toLowerCase(Locale.ROOT), d.label(), told.segments(d.run())))
                .toList();
    }

    static String kind(Amount.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    private static DraftView.Token token(Token token) {
        if (token instanceof Token.Op op) {
            return new DraftView.Token(op.op(), null, null, null, null);
        }
        if (token instanceof Token.Number number) {
            return new DraftView.Token(null, number.number(), null, null, null);
        }
        if (token instanceof Token.Stated stated) {
            return new DraftView.Token(null, null, stated.words(), stated.value(), kind(stated.kind()));
        }
        Token.Name name = (Token.Name) token;
        return new DraftView.Token(null, null, name.name(), name.value(), kind(name.kind()));
    }

    /**
     * A join, stretch by stretch: each part that lies between the same two edges, against every layer but the first.
     */
    static Stream<JoinView> join(Join join) {
        List<JoinView> views = new ArrayList<>();
        for (int layer = 1; layer < join.layers().size(); layer++) {
            List<Stretch> ones = join.layers().get(0).stretches();
            List<Stretch> others = join.layers().get(layer).stretches();
            int i = 0;
            int k = 0;
            double usedOne = 0;
            double usedOther = 0;
            while (i < ones.size() && k < others.size()) {
                Stretch one = ones.get(i);
                double leftOne = one.length() - usedOne;
                double leftOther = others.get(k).length() - usedOther;
                boolean last = i == ones.size() - 1 && k == others.size() - 1;
                double length = last ? leftOne : Math.min(leftOne, leftOther);
                if (length > Tolerance.ON_LINE) {
                    double from = one.backwards() ? one.to() - usedOne - length : one.from() + usedOne;
                    views.add(new JoinView(
                            join.seam().id(),
                            one.name(),
                            others.get(k).name(),
                            from,
                            from + length,
                            length,
                            last ? join.eased() : 0,
                            join.kind().name().toLowerCase(Locale.ROOT)));
                }
                usedOne += length;
                usedOther += length;
                if (usedOne >= one.length() - Tolerance.ON_LINE) {
                    i++;
                    usedOne = 0;
                }
                if (k < others.size() && usedOther >= others.get(k).length() - Tolerance.ON_LINE) {
                    k++;
                    usedOther = 0;
                }
            }
        }
        return views.stream();
    }

    private static PieceView piece(CutPiece cut, Pattern pattern, String madeBy, boolean asCut) {
        var piece = cut.piece();
        return new PieceView(
                piece.id().toString(),
                cut.name(),
                piece.panel().id(),
                piece.behind(),
                piece.layer().id(),
                cut.cut(),
                cut.onFold(),
                cut.mirrored(),
                cut.fused(),
                Places.MEASURED.segments(piece.sewLine()),
                asCut ? Places.MEASURED.segments(cut.cutLine()) : List.of(),
                edges(
                        piece,
                        (edge, segments) -> new SeamView(
                                edge.name(),
                                edge.role().spoken(),
                                edge.length(),
                                cut.allowance(edge).outside(),
                                cut.allowance(edge).letOut(),
                                cut.allowance(edge).inside(),
                                pairsWith(piece.id(), edge, pattern),
                                edge.end().name().toLowerCase(Locale.ROOT),
                                segments)),
                piece.darts().stream().map(DraftViews::dart).toList(),
                asCut ? piece.marks().stream().map(DraftViews::mark).toList() : List.of(),
                line(piece.grain()),
                List.of(cut.name(), cut.instruction()),
                new NeedsView(
                        cut.needs().across(), cut.needs().along(), cut.needs().centreIn()),
                folds(piece, Places.MEASURED),
                lines(piece, Places.MEASURED),
                madeBy);
    }

    /** A piece's edges in their order, each with which segments of the sewn line it is. */
    static <T> List<T> edges(Piece piece, BiFunction<Edge, List<Integer>, T> view) {
        List<T> views = new ArrayList<>();
        int at = 0;
        for (Edge edge : piece.edges()) {
            List<Integer> segments = new ArrayList<>();
            for (int i = 0; i < edge.run().size(); i++) {
                segments.add(at++);
            }
            views.add(view.apply(edge, segments));
        }
        return views;
    }

    static List<FoldView> folds(Piece piece, Places told) {
        return piece.folds().stream()
                .map(f -> new FoldView(
                        f.kind().name().toLowerCase(Locale.ROOT),
                        told.segments(f.out()),
                        told.segments(f.middle()),
                        told.segments(f.back()),
                        f.sewnDown()))
                .toList();
    }

    static List<PlacedView> lines(Piece piece, Places told) {
        return piece.lines().stream()
                .map(l -> new PlacedView(l.id(), l.text(), told.segments(l.run())))
                .toList();
    }

    private static double[][] line(Line line) {
        return new double[][] {Places.MEASURED.xy(line.from()), Places.MEASURED.xy(line.to())};
    }

    /** The edge an edge is sewn to, as piece and edge; null where it is sewn to nothing. */
    private static String pairsWith(PieceId piece, Edge edge, Pattern pattern) {
        return pattern.joins().stream()
                .flatMap(join -> join.partner(piece, edge).stream())
                .findFirst()
                .map(Stretch::name)
                .orElse(null);
    }

    private static DartView dart(Dart dart) {
        Places told = Places.MEASURED;
        return new DartView(
                told.xy(dart.centre()), dart.intake(), dart.length(), told.xy(dart.point()), legs(dart, told));
    }

    static double[][] legs(Dart dart, Places told) {
        return new double[][] {told.xy(dart.inner()), told.xy(dart.outer())};
    }

    private static MarkView mark(Mark mark) {
        return new MarkView(
                mark.kind().name().toLowerCase(Locale.ROOT),
                Places.MEASURED.xy(mark.at()),
                Places.MEASURED.xy(mark.direction()),
                mark.count(),
                mark.text(),
                mark.along());
    }

    private static List<String> keys(List<Measure> measures) {
        return measures.stream().map(Measure::key).toList();
    }

    private static CheckView check(Check c, boolean remedies, List<Measure> guesses) {
        List<Remedy> found = remedies ? c.remedies() : List.of();
        return new CheckView(
                c.id().id(),
                c.title(),
                c.verdict().id(),
                c.measured(),
                c.wanted(),
                c.difference(),
                c.tolerance(),
                c.atLeast(),
                c.quantity().id(),
                c.posture().name().toLowerCase(Locale.ROOT),
                c.id().whenTrue(),
                c.id().whenOff(),
                c.text(),
                c.cause(),
                found.isEmpty() ? null : remedy(found.get(0)),
                found.stream().map(DraftViews::remedy).toList(),
                remedies && found.isEmpty() && c.verdict() == Verdict.OFF ? Check.UNDECIDED : null,
                keys(guesses));
    }

    private static RemedyView remedy(Remedy remedy) {
        return remedy == null
                ? null
                : new RemedyView(
                        remedy.text(),
                        SettingValue.told(remedy.settings()),
                        remedy.givenBack().stream().map(Setting::key).sorted().toList(),
                        remedy.clothWidth());
    }
}
