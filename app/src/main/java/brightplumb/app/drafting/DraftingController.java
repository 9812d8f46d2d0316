package brightplumb.app.drafting;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.CostlyByBody;
import brightplumb.app.limits.Work;
import brightplumb.app.limits.WorkLimits;
import brightplumb.app.limits.WorkPools;
import brightplumb.app.words.WordView;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.CutCloth;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Part;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.ClothField;
import brightplumb.core.rule.ClothFields;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Operation;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue, the ways, the measures, and drafts without a ticket. */
@RestController
class DraftingController {

    record ChoiceView(String id, String title) {}

    /**
     * A setting a cut has. {@code kind} is length, ratio or choice; {@code levelled} where it can be said against a
     * level of the body; {@code readBy} the parts and operations it says something to.
     */
    record SettingView(
            String key,
            String title,
            String label,
            String zone,
            String kind,
            double least,
            double most,
            List<ChoiceView> choices,
            boolean levelled,
            List<String> readBy) {}

    /** Something that can be done to a garment; {@code recipe} where the cut has it. */
    record OperationView(String id, String title, boolean recipe) {}

    record CutView(
            String id,
            String title,
            Sentence about,
            String group,
            List<String> parts,
            List<String> ways,
            String way,
            List<String> measures,
            List<SettingView> settings,
            List<OperationView> operations) {

        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("about", about);
        }
    }

    /** A way of a part, with why each of its rules is what it is; {@code cut} where it is one recipe's own. */
    record WayView(
            String id,
            String part,
            @Schema(types = {"string", "null"}) String cut,
            String title,
            Sentence why,
            Map<String, Sentence> rules) {

        /** The parts of its sentences; those of the rules by {@code rules} and the setting. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            Map<String, Sentence> all = new LinkedHashMap<>();
            all.put("why", why);
            rules.forEach((setting, rule) -> all.put("rules." + setting, rule));
            return WordView.of(all);
        }
    }

    /** A measure; {@code sided} where left and right may differ. */
    record MeasureView(String key, String title, String run, String level, Sentence how, boolean sided) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("how", how);
        }
    }

    /**
     * Something that can be said of a cloth. {@code kind} is pulled (a share, found by pulling 10 cm), share, length,
     * flag or choice; {@code choices} those of a choice, and what a flag is called, no before yes; {@code orNone} where
     * 0 is taken beside the range; {@code usual} what it is as a rule, mm, by the unit it is sold in; {@code follows}
     * the field whose value it has until something else is said of it, and without which it changes nothing.
     */
    record ClothFieldView(
            String key,
            String title,
            String kind,
            double least,
            double most,
            boolean orNone,
            List<ChoiceView> choices,
            Map<String, List<Double>> usual,
            @Schema(types = {"string", "null"}) String follows) {}

    /** The catalogue as it is answered. It is the same for everybody, so it is put together once. */
    private static final class AllCuts {
        static final Page<CutView> PAGE =
                Page.whole(Catalogue.CUTS.stream().map(DraftingController::cut).toList());
    }

    private final WorkLimits limits;
    private final WorkPools pools;

    DraftingController(WorkLimits limits, WorkPools pools) {
        this.limits = limits;
        this.pools = pools;
    }

    @GetMapping("/api/cuts")
    Page<CutView> cuts() {
        return AllCuts.PAGE;
    }

    @GetMapping("/api/cloth-fields")
    Page<ClothFieldView> clothFields() {
        return Page.whole(
                ClothFields.ALL.stream().map(DraftingController::clothField).toList());
    }

    private static ClothFieldView clothField(ClothField field) {
        if (field instanceof ClothField.Amount amount) {
            return new ClothFieldView(
                    amount.key(),
                    amount.title(),
                    amount.kind().name().toLowerCase(Locale.ROOT),
                    amount.least(),
                    amount.most(),
                    amount.orNone(),
                    List.of(),
                    usual(amount),
                    amount.follows().map(ClothField.Amount::key).orElse(null));
        }
        if (field instanceof ClothField.Flag flag) {
            List<ChoiceView> both = List.of(new ChoiceView("false", flag.no()), new ChoiceView("true", flag.yes()));
            return new ClothFieldView(flag.key(), flag.title(), "flag", 0, 0, false, both, Map.of(), null);
        }
        ClothField.OneOf one = (ClothField.OneOf) field;
        return new ClothFieldView(
                one.key(), one.title(), "choice", 0, 0, false, choices(one.choices()), Map.of(), null);
    }

    private static Map<String, List<Double>> usual(ClothField.Amount amount) {
        Map<String, List<Double>> usual = new TreeMap<>();
        amount.usual()
                .forEach((unit, lengths) -> usual.put(
                        unit.symbol(), lengths.stream().map(Length::mm).toList()));
        return usual;
    }

    private static List<ChoiceView> choices(List<Choice> choices) {
        return choices.stream().map(c -> new ChoiceView(c.id(), c.title())).toList();
    }

    @GetMapping("/api/ways")
    Page<WayView> ways() {
        Stream<WayView> ofParts = Catalogue.ways().stream().map(way -> way(way, null));
        Stream<WayView> ofRecipes = Catalogue.CUTS.stream()
                .flatMap(cut -> cut.ways().stream()
                        .filter(way -> way.id().equals(Way.BENCH))
                        .map(way -> way(way, cut.id())));
        return Page.whole(Stream.concat(ofParts, ofRecipes).toList());
    }

    @GetMapping("/api/measures")
    Page<MeasureView> measures() {
        return Page.whole(Arrays.stream(Measure.values())
                .map(m -> new MeasureView(
                        m.key(), m.title(), m.run().name().toLowerCase(Locale.ROOT), m.level(), m.how(), m.sided()))
                .toList());
    }

    @CostlyByBody
    @PostMapping("/api/drafts/preview")
    DraftView preview(
            @AuthenticationPrincipal Member member, @RequestBody PreviewRequest request, HttpServletRequest http) {
        Shown shown = Shown.of(request);
        limits.takeUntilSent(http, member.account(), shown.draftsAnew() ? Work.WHOLE_DRAFT : Work.DRAFT);
        return shown.draftsAnew()
                ? pools.run(Work.WHOLE_DRAFT, () -> DraftViews.of(Drafting.draft(request.read()), shown))
                : DraftViews.of(Drafting.draft(request.read()), shown);
    }

    /** What is drawn anew under a hand: the line alone, not looked at, and nothing said of it. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/line")
    LineView line(@RequestBody PreviewRequest request) {
        return LineView.of(Drafting.drawn(request.read()));
    }

    /** What each inspection of a draft measured, laid out to be seen. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/evidence")
    Page<EvidenceView> evidence(@RequestBody PreviewRequest request) {
        return Page.whole(Drafting.draft(request.read()).checks().stream()
                .map(EvidenceView::of)
                .toList());
    }

    /** The draft as numbered distances from two base lines. */
    @Costly(Work.DRAFT)
    @PostMapping("/api/drafts/bench-sheet")
    BenchSheetView benchSheet(@RequestBody PreviewRequest request) {
        return BenchSheetView.of(Drafting.draft(request.read()));
    }

    /** What cloth that is cut already gives for a correction. */
    @Costly(Work.WHOLE_DRAFT)
    @PostMapping("/api/drafts/cut-cloth")
    CutClothView cutCloth(@RequestBody CutClothRequest request) {
        if (request.worn() == null) {
            throw new Refusal(new FieldPath("worn"), "Say what was cut");
        }
        return CutClothView.of(
                CutCloth.of(request.worn().read(), request.corrected().read(), Set.copyOf(request.cut())));
    }

    private static CutView cut(Cut cut) {
        return new CutView(
                cut.id(),
                cut.title(),
                cut.about(),
                cut.group().id(),
                cut.parts().stream().map(Part::id).toList(),
                cut.ways().stream().map(Way::id).toList(),
                cut.way(),
                cut.measures().stream().map(Measure::key).toList(),
                cut.settings().stream().map(setting -> setting(cut, setting)).toList(),
                Catalogue.OPERATIONS.stream()
                        .map(o ->
                                new OperationView(o.id(), o.title(), cut.with().contains(o)))
                        .toList());
    }

    private static SettingView setting(Cut cut, Setting s) {
        return new SettingView(
                s.key(),
                s.title(),
                s.label(),
                s.zone().title(),
                s.kind().name().toLowerCase(Locale.ROOT),
                s.least(),
                s.most(),
                choices(s.choices()),
                s.isLevelled(),
                Stream.concat(cut.parts().stream().map(Part::block), Catalogue.OPERATIONS.stream())
                        .filter(o -> o.reads().contains(s))
                        .map(Operation::id)
                        .toList());
    }

    private static WayView way(Way way, String cut) {
        Map<String, Sentence> rules = new LinkedHashMap<>();
        way.rules().forEach((setting, rule) -> rules.put(setting.key(), rule.why()));
        return new WayView(way.id(), way.part(), cut, way.title(), way.why(), rules);
    }
}
