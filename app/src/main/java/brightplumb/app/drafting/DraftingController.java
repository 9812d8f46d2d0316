package brightplumb.app.drafting;

import brightplumb.app.Page;
import brightplumb.core.cut.Catalogue;
import brightplumb.core.cut.Cut;
import brightplumb.core.cut.Drafting;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.Family;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue, the ways, the measures, and drafts without a ticket. */
@RestController
class DraftingController {

    record ChoiceView(String id, String title) {}

    /** A setting a cut has. {@code kind} is length, ratio or choice. */
    record SettingView(
            String key,
            String title,
            String label,
            String zone,
            String kind,
            double least,
            double most,
            List<ChoiceView> choices) {}

    record CutView(
            String id,
            String title,
            String about,
            String family,
            String way,
            List<String> measures,
            List<SettingView> settings) {}

    /** A way, with why each of its rules is what it is. */
    record WayView(String id, String family, String title, String why, Map<String, String> rules) {}

    /** A measure; {@code sided} where left and right may differ. */
    record MeasureView(String key, String title, String run, String level, String how, boolean sided) {}

    @GetMapping("/api/cuts")
    Page<CutView> cuts() {
        return Page.whole(Catalogue.CUTS.stream().map(DraftingController::cut).toList());
    }

    @GetMapping("/api/ways")
    Page<WayView> ways() {
        return Page.whole(Ways.ALL.stream().map(DraftingController::way).toList());
    }

    @GetMapping("/api/measures")
    Page<MeasureView> measures() {
        return Page.whole(Arrays.stream(Measure.values())
                .map(m -> new MeasureView(
                        m.key(), m.title(), m.run().name().toLowerCase(Locale.ROOT), m.level(), m.how(), m.sided()))
                .toList());
    }

    @PostMapping("/api/drafts/preview")
    DraftView preview(@RequestBody PreviewRequest request) {
        return DraftViews.of(Drafting.draft(request.read()));
    }

    /** What each inspection of a draft measured, laid out to be seen. */
    @PostMapping("/api/drafts/evidence")
    Page<EvidenceView> evidence(@RequestBody PreviewRequest request) {
        return Page.whole(Drafting.draft(request.read()).checks().stream()
                .map(EvidenceView::of)
                .toList());
    }

    /** The draft as numbered distances from two base lines. */
    @PostMapping("/api/drafts/bench-sheet")
    BenchSheetView benchSheet(@RequestBody PreviewRequest request) {
        return BenchSheetView.of(BenchSheet.of(DrawnPattern.of(Drafting.draft(request.read()))));
    }

    private static CutView cut(Cut cut) {
        return new CutView(
                cut.id(),
                cut.title(),
                cut.about(),
                cut.family().name().toLowerCase(Locale.ROOT),
                cut.way(),
                cut.measures().stream().map(Measure::key).toList(),
                cut.family().settings().stream()
                        .map(setting -> setting(cut.family(), setting))
                        .toList());
    }

    private static SettingView setting(Family family, Setting s) {
        return new SettingView(
                s.key(),
                s.title(),
                s.label(),
                s.zone().title(),
                s.isChoice() ? "choice" : s.isRatio() ? "ratio" : "length",
                s.least(),
                s.most(),
                family.choices(s).stream()
                        .map(c -> new ChoiceView(c.id(), c.title()))
                        .toList());
    }

    private static WayView way(Way way) {
        Map<String, String> rules = new LinkedHashMap<>();
        way.rules().forEach((setting, rule) -> rules.put(setting.key(), rule.why()));
        return new WayView(way.id(), way.family().name().toLowerCase(Locale.ROOT), way.title(), way.why(), rules);
    }
}
