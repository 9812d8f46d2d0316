package brightplumb.app.drafting;

import brightplumb.app.words.WordView;
import brightplumb.core.making.Planned;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Notion;
import brightplumb.core.table.StepId;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A drafted garment in the contract's names. Lengths are mm, angles degrees; y grows downward from the waist. */
public record DraftView(
        String cut,
        String way,
        Map<String, Double> facts,
        List<StepView> steps,
        List<PieceView> pieces,
        List<JoinView> joins,
        List<CheckView> checks,
        List<NoticeView> notices,
        List<EstimateView> estimates,
        List<LevelView> levels,
        Map<String, InForceView> settings,
        ClothView cloth,
        List<MadeView> made,
        List<NotionView> notions,
        List<OrderedView> making) {

    /**
     * One step of the working.
     *
     * @param setting the key of the setting it says, null where no hand can say it otherwise
     */
    public record StepView(
            String id,
            String title,
            String formula,
            List<Token> working,
            double value,
            String kind,
            PrintedView printed,
            @Schema(types = {"string", "null"}) String fact,
            Sentence why,
            List<RivalView> rivals,
            boolean estimated,
            List<String> guesses,
            boolean overridden,
            List<DrawnView> draws,
            @Schema(types = {"string", "null"}) String setting) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("why", why);
        }
    }

    /**
     * How a working is printed so that its figures give its result.
     *
     * @param sixteenths whether inches are printed in sixteenths, where eighths would not
     * @param inches {@code scant} or {@code full} beside a result that lies just under or over what is printed in
     *     inches; else empty
     * @param centimetres the same in centimetres
     */
    public record PrintedView(boolean sixteenths, String inches, String centimetres) {}

    /** One piece of a working: a sign, a plain number, or a name with its value. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Token(String op, Double number, String name, Double value, String kind) {}

    /** Something to have at hand beside the cloth: so many, or so long (mm), and where it is told so wide. */
    public record NotionView(String id, String title, Sentence kind, double length, double width, int count) {

        public static NotionView of(Notion n) {
            return new NotionView(n.id(), n.title(), n.kind(), n.length(), n.width(), n.count());
        }

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("kind", kind);
        }
    }

    /**
     * One step of the order of making, by the cut's own habit.
     *
     * @param widths how far from the raw edge its seams are sewn, mm
     * @param letOut how much of the widest of them is kept to be let out later, mm
     * @param after the steps that come before it, by their ids
     */
    public record OrderedView(
            String id,
            String title,
            String work,
            List<String> seams,
            List<Double> widths,
            double letOut,
            List<String> after) {

        static OrderedView of(Planned.Step planned) {
            MakingStep step = planned.step();
            return new OrderedView(
                    step.id().id(),
                    step.title(),
                    step.work().name().toLowerCase(Locale.ROOT),
                    step.seams().stream().map(Seam::id).toList(),
                    planned.widths(),
                    planned.letOut(),
                    planned.after().stream().map(StepId::id).sorted().toList());
        }
    }

    /**
     * What another way would give, or another habit in this way: then with its reason, and what is set to take it up.
     */
    public record RivalView(
            String way, String title, double value, String formula, Sentence why, Map<String, Object> settings) {

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("why", why);
        }
    }

    /** What a step put on the paper. */
    public record DrawnView(String sheet, String role, String label, List<Segment> segments) {}

    /** A straight line or a cubic; handles only on the latter. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Segment(
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            String type,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            double[] from,

            double[] c1,
            double[] c2,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            double[] to) {}

    /**
     * A piece as sewn and as cut; {@code behind} whether it lies behind on the body, {@code madeBy} the operation it
     * came of, null for a block's own.
     */
    public record PieceView(
            String id,
            String name,
            String panel,
            boolean behind,
            String layer,
            int cut,
            boolean onFold,
            boolean mirrored,
            boolean fused,
            List<Segment> sewLine,
            List<Segment> cutLine,
            List<SeamView> seams,
            List<DartView> darts,
            List<MarkView> marks,
            double[][] grain,
            List<String> label,
            NeedsView needs,
            List<FoldView> folds,
            List<PlacedView> lines,
            @Schema(types = {"string", "null"}) String madeBy) {}

    /**
     * What a piece takes of paper, mm, its grain along it; {@code centreIn} how far in its centre line stands, 0
     * without a fork.
     */
    public record NeedsView(double across, double along, double centreIn) {}

    /** A fold laid in the cloth: out, middle and back line. */
    public record FoldView(String kind, List<Segment> out, List<Segment> middle, List<Segment> back, double sewnDown) {}

    /** A line placed inside a piece. */
    public record PlacedView(String id, String text, List<Segment> segments) {}

    /**
     * Something done to the garment, or that could be.
     *
     * @param recipe whether the cut's recipe has it
     * @param done whether it was done
     * @param reshapes whether it drew the panels otherwise than they were
     * @param pieces the pieces it made
     * @param steps the steps it took
     */
    public record MadeView(
            String id,
            String title,
            String place,
            boolean recipe,
            boolean done,
            boolean reshapes,
            List<String> pieces,
            List<String> steps) {}

    /**
     * What is sewn to what. A run over several edges is several of these with one {@code seam}.
     *
     * @param one an edge, as piece and edge: front.side
     * @param other the edge it lies on
     * @param from where it begins along {@code one}, mm
     * @param to where it ends along {@code one}, mm
     * @param length as sewn, mm
     * @param eased how much longer {@code one} is, mm
     * @param kind sewn or mirrored
     */
    public record JoinView(
            String seam, String one, String other, double from, double to, double length, double eased, String kind) {}

    /**
     * One edge: its name at the bench, what is added outside it, how it ends up, and which segments of the sewn line it
     * is.
     *
     * @param allowance what is added in all, mm
     * @param letOut how much of it is kept to be let out, mm
     * @param sewnIn how far inside the drawn line it is sewn, mm
     */
    public record SeamView(
            String id,
            String spoken,
            double length,
            double allowance,
            double letOut,
            double sewnIn,
            @Schema(types = {"string", "null"}) String pairsWith,
            String end,
            List<Integer> segments) {}

    /** A dart as drawn, open. */
    public record DartView(double[] centre, double intake, double length, double[] point, double[][] legs) {}

    /** A notch or a drill hole; {@code along} tells how far along its join it lies, null where it lies on none. */
    public record MarkView(
            String kind,
            double[] at,
            double[] direction,
            int count,
            String text,
            @Schema(types = {"number", "null"}) Double along) {}

    /** One inspection; {@code atLeast} where what is wanted is a floor. */
    public record CheckView(
            String id,
            String title,
            String verdict,
            double measured,
            double wanted,
            double difference,
            double tolerance,
            boolean atLeast,
            String unit,
            String posture,
            String whenTrue,
            String whenOff,
            Sentence text,
            Sentence cause,
            @Schema(types = {"object", "null"}) RemedyView remedy,
            List<RemedyView> remedies,
            @Schema(types = {"string", "null"}) String undecided,
            List<String> guesses) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of(Map.of("text", text, "cause", cause));
        }
    }

    /**
     * What would settle a notice or a check.
     *
     * @param clothWidth mm of cloth to buy instead, or null where the cloth stays
     */
    public record RemedyView(
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            Sentence text,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            Map<String, Object> settings,

            @Schema(
                    requiredMode = Schema.RequiredMode.REQUIRED,
                    description = "Settings that a hand set and that the way sets again.")
            List<String> givesBack,

            @Schema(types = {"number", "null"}) Double clothWidth) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    /** Something to know before cutting. */
    public record NoticeView(
            String id,
            Sentence text,
            @Schema(types = {"object", "null"}) RemedyView remedy) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    /** A guess that stands in for a tape. */
    public record EstimateView(String measure, double value, Sentence rule) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("rule", rule);
        }
    }

    /** A level across the paper. */
    public record LevelView(String name, double y) {}

    /**
     * A setting in force.
     *
     * @param value mm or a ratio; null for a choice
     * @param choice the choice's id; null for an amount
     */
    public record InForceView(
            @Schema(types = {"number", "null"}) Double value,
            @Schema(types = {"string", "null"}) String choice,
            boolean byHand,
            boolean applies,
            String formula,
            Sentence why) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("why", why);
        }
    }
}
