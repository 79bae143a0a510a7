package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.qrcode.decoder.Decoder;
import java.util.List;
import longshoulder.core.drawing.Mark;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.papers.LabelPages;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.papers.PieceLabel;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LabelsPdfTest {

    private static List<PieceLabel> labels(Kind kind) {
        Plan plan = Planner.plan(Project.ofKind(kind, "test", Showing.TENTH_MILLIMETRES));
        return PieceLabel.of(plan, Words.showing(plan.project().showing()));
    }

    /** Each piece has one label, whose code says its mark and name. */
    @Test
    void code_isReadBack() throws Exception {
        for (PieceLabel label : labels(Kinds.find("table").orElseThrow())) {
            assertThat(new Decoder().decode(LabelsPdf.code(label.code())).getText())
                    .isEqualTo(label.mark() + "  " + label.name());
        }
        assertThat(labels(Kinds.find("table").orElseThrow())).extracting(PieceLabel::mark).doesNotHaveDuplicates()
                .hasSize(9);
    }

    /** On every sheet all text of the longest names ends before the code begins. */
    @ParameterizedTest
    @EnumSource
    void text_endsBeforeTheCode(LabelSheet sheet) {
        LabelPages pages = new LabelPages(PaperTypeface.SHIPPED, LabelsPdf::code);
        for (PieceLabel label : labels(Kinds.find("cabinet").orElseThrow())) {
            List<Mark> marks = pages.page(label, sheet.labelWidth(), sheet.labelHeight()).groups().getFirst().marks();
            double code = marks.stream().filter(Mark.Face.class::isInstance).map(Mark.Face.class::cast)
                    .flatMap(face -> face.corners().stream()).mapToDouble(corner -> corner.getX()).min().orElseThrow();
            assertThat(marks).filteredOn(Mark.Text.class::isInstance).hasSize(5).map(Mark.Text.class::cast)
                    .allSatisfy(text -> assertThat(text.at().getX()
                            + PaperTypeface.SHIPPED.width(text.text(), text.size(), text.bold()))
                            .isLessThan(code - 2));
        }
    }
}
