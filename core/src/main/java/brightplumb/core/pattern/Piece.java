package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pattern piece as sewn, without allowances. Its outline runs clockwise as seen on the paper, beginning with its
 * upper edge. What ink it is drawn in, how many strokes its notches have and what its label says follow from it.
 *
 * @param id what it is called
 * @param title its name at the bench
 * @param panel what it is of, for outsiders
 * @param layer the cloth it is cut from
 * @param edges its edges in order, end to start
 * @param darts its darts, from the centre outward
 * @param folds folds laid in its cloth
 * @param lines lines placed inside it
 * @param marks notches and drill holes
 * @param grain the grain line
 * @param copies how many are cut
 * @param onBody where its cloth lies on the body
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record Piece(
        PieceId id,
        String title,
        Panel panel,
        Layer layer,
        List<Edge> edges,
        List<Dart> darts,
        List<Fold> folds,
        List<Placed> lines,
        List<Mark> marks,
        Line grain,
        Copies copies,
        OnBody onBody) {

    /** A direction whose cosine to the grain is this near to that of 45° is the bias. */
    private static final double BIAS = 0.01;

    /** The grain line takes so much of what there is to either side of its middle. */
    private static final double GRAIN = 0.7;

    public Piece {
        edges = List.copyOf(edges);
        darts = List.copyOf(darts);
        folds = List.copyOf(folds);
        lines = List.copyOf(lines);
        marks = List.copyOf(marks);
    }

    /** A plain piece: edges and a grain line, nothing in it yet. */
    public static Piece of(
            PieceId id, String title, Panel panel, List<Edge> edges, Line grain, Copies copies, OnBody onBody) {
        return new Piece(
                id,
                title,
                panel,
                Layer.SHELL,
                edges,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                grain,
                copies,
                onBody);
    }

    /** The closed sewn outline. */
    public List<Segment> sewLine() {
        List<Segment> outline = new ArrayList<>();
        for (Edge edge : edges) {
            outline.addAll(edge.run());
        }
        return List.copyOf(outline);
    }

    /** Its upper edge, where the outline begins. */
    public Edge top() {
        return edges.get(0);
    }

    /** Whether it hangs from the shoulder: its upper edge is the neck, not a waist or what lies under a band. */
    public boolean fromShoulder() {
        return top().role().equals(EdgeRole.NECK);
    }

    /** The first edge of a role, if the piece has one. */
    public Optional<Edge> edge(EdgeRole role) {
        return edge(role, 1);
    }

    /** The edge of a role with that number, if the piece has one. */
    public Optional<Edge> edge(EdgeRole role, int nth) {
        for (Edge edge : edges) {
            if (edge.nth() == nth && edge.role().equals(role)) {
                return Optional.of(edge);
            }
        }
        return Optional.empty();
    }

    /** The edge of a role the piece is known to have. */
    public Edge require(EdgeRole role) {
        return require(role, 1);
    }

    /** The edge of a role and number the piece is known to have. */
    public Edge require(EdgeRole role, int nth) {
        return edge(role, nth).orElseThrow(() -> new IllegalStateException(id + " has no " + role.id()));
    }

    /** The darts that open on an edge; none where the piece has no such edge. */
    public List<Dart> dartsOn(EdgeRole role) {
        return edge(role)
                .map(e -> darts.stream()
                        .filter(d -> Curves.near(e.run(), d.inner(), Tolerance.ON_LINE))
                        .toList())
                .orElse(List.of());
    }

    /** The piece without some of its darts. */
    public Piece without(List<Dart> gone) {
        return withDarts(darts.stream().filter(d -> !gone.contains(d)).toList());
    }

    /** The lines of an edge or, where the role names one, of a line placed inside the piece. */
    public List<Segment> run(EdgeRole role, int nth) {
        return edge(role, nth)
                .map(Edge::run)
                .or(() -> lines.stream()
                        .filter(l -> l.id().equals(role.id()))
                        .findFirst()
                        .map(Placed::run))
                .orElseThrow(() -> new IllegalStateException(id + " has no " + role.id()));
    }

    /** Whether it lies behind: drawn in the back's ink, notched with two strokes. */
    public boolean behind() {
        return id.behind();
    }

    /** The strokes of a notch on this piece: one in front, two behind, so that they are not mixed up. */
    public int strokes() {
        return behind() ? 2 : 1;
    }

    /** Its name within a sentence. */
    public String spoken() {
        return title.toLowerCase(Locale.ROOT);
    }

    /** The name of its centre line. */
    public String centre() {
        return behind() ? "centre back" : "centre front";
    }

    /** The piece with more marks. */
    public Piece marked(List<Mark> more) {
        return withMarks(Stream.concat(marks.stream(), more.stream()).toList());
    }

    /** The piece with one more mark. */
    public Piece marked(Mark mark) {
        return marked(List.of(mark));
    }

    /** Returns the piece with these marks and no others. */
    public Piece withMarks(List<Mark> all) {
        return PieceBuilder.builder(this).marks(all).build();
    }

    /** Returns the piece with these edges, in order, end to start. */
    public Piece withEdges(List<Edge> all) {
        return PieceBuilder.builder(this).edges(all).build();
    }

    /** Returns the piece with these darts, from the centre outward. */
    public Piece withDarts(List<Dart> all) {
        return PieceBuilder.builder(this).darts(all).build();
    }

    /** Returns the piece with these folds. */
    public Piece withFolds(List<Fold> all) {
        return PieceBuilder.builder(this).folds(all).build();
    }

    /** Returns the piece with these lines placed in it. */
    public Piece withLines(List<Placed> all) {
        return PieceBuilder.builder(this).lines(all).build();
    }

    /** The piece with one more line placed in it. */
    public Piece placing(Placed line) {
        return withLines(Stream.concat(lines.stream(), Stream.of(line)).toList());
    }

    /** Returns the piece with another grain line. */
    public Piece withGrain(Line otherGrain) {
        return PieceBuilder.builder(this).grain(otherGrain).build();
    }

    /**
     * The piece with its grain in a direction, through the middle between an edge and the one that lies across from it.
     *
     * @param way a unit vector
     * @param upper an edge it has
     * @param lower the edge across from that
     */
    public Piece grained(Point way, Edge upper, Edge lower) {
        Point at = upper.middle().toward(lower.middle(), 0.5);
        double ahead = room(at, way);
        double behind = room(at, way.times(-1));
        return withGrain(new Line(at.minus(way.times(GRAIN * behind)), at.plus(way.times(GRAIN * ahead))));
    }

    /** How far it is from a place inside to the outline in a direction, mm. */
    private double room(Point at, Point way) {
        return sewLine().stream()
                .flatMapToDouble(s -> Curves.crossing(s, at, way).stream()
                        .map(t -> s.at(t).minus(at).dot(way)))
                .filter(away -> away > Tolerance.SAME_POINT)
                .min()
                .orElseThrow(() -> new IllegalStateException(id + " does not hold its grain"));
    }

    /** Whether it is cut on the bias: its upper edge, and so a strip's every edge, lies midway between both threads. */
    public boolean onBias() {
        List<Segment> upper = top().run();
        Point along =
                upper.get(upper.size() - 1).to().minus(upper.get(0).from()).unit();
        return Math.abs(Math.abs(along.dot(grain.direction(0))) - Math.sqrt(0.5)) < BIAS;
    }

    /** Returns the piece cut in other copies. */
    public Piece withCopies(Copies otherCopies) {
        return PieceBuilder.builder(this).copies(otherCopies).build();
    }

    /** Returns the piece as it lies on the body otherwise. */
    public Piece lying(OnBody otherwise) {
        return PieceBuilder.builder(this).onBody(otherwise).build();
    }

    /** Returns the piece cut from other cloth. */
    public Piece in(Layer otherLayer) {
        return PieceBuilder.builder(this).layer(otherLayer).build();
    }

    /** The same piece under another name. */
    public Piece named(PieceId otherId, String otherTitle) {
        return PieceBuilder.builder(this).id(otherId).title(otherTitle).build();
    }

    /** The piece with an edge ending otherwise; as it is where it has no such edge. */
    public Piece ending(EdgeRole role, End end) {
        return withEdges(
                edges.stream().map(e -> e.role().equals(role) ? e.as(end) : e).toList());
    }

    /**
     * The piece in the shape it has when it is sewn, still open: a pocket's corner filled, a moved dart back where it
     * was drafted.
     */
    public Piece sewn() {
        return onBody.sewn().map(s -> withEdges(s.edges()).withDarts(s.darts())).orElse(this);
    }

    /** The piece as it lies on the body: see {@link Worn}. */
    public Piece worn() {
        return onBody.equals(OnBody.AS_DRAFTED) ? this : Worn.of(this);
    }

    /** The piece after a move of the paper; it lies on the body as before. */
    public Piece moved(Rigid move) {
        return PieceBuilder.builder(this)
                .edges(edges.stream().map(e -> e.moved(move)).toList())
                .darts(darts.stream().map(d -> d.moved(move)).toList())
                .folds(folds.stream().map(f -> f.moved(move)).toList())
                .lines(lines.stream().map(l -> l.moved(move)).toList())
                .marks(marks.stream().map(m -> m.moved(move)).toList())
                .grain((Line) Curves.moved(List.of(grain), move).get(0))
                .onBody(onBody.movedWith(move))
                .build();
    }
}
