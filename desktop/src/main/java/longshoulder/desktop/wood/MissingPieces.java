package longshoulder.desktop.wood;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.core.supply.Order;
import longshoulder.core.supply.Supply;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;

/** What has no board, why, and what would help. */
record MissingPieces(Workbench bench, Supply supply, BoardPlan plan) {

    List<Node> rows() {
        List<Node> rows = new ArrayList<>();
        Map<BoardPlan.Missing, Long> counts = plan.missing().stream()
                .collect(Collectors.groupingBy(missing -> missing, LinkedHashMap::new, Collectors.counting()));
        counts.forEach((missing, count) -> supply.order(missing.piece())
                .ifPresent(order -> rows.add(row(missing, order, count))));
        if (!supply.tooSmall().isEmpty()) {
            rows.add(Lines.of(Texts.get("wood.tooSmall").formatted(String.join(", ", supply.tooSmall())), "risk-text"));
        }
        return rows;
    }

    private VBox row(BoardPlan.Missing missing, Order order, long count) {
        String marks = order.line().count() <= 3
                ? String.join(" ", order.line().marks())
                : count + " \u00d7 " + bench.words().text(order.line().what());
        VBox row = new VBox(Lines.of(Texts.get("wood.missing").formatted(marks,
                bench.words().length(order.blank().length()), bench.words().length(order.blank().width()),
                bench.words().length(order.blank().thickness()),
                bench.words().text("board.missing." + missing.why().id())), "stop-text"));
        row.getStyleClass().add("remedies");
        switch (missing.why()) {
            case TOO_WIDE, TOO_LARGE -> glue(row, order, HouseRules.STRIPS, supply.leastStrips(order));
            case TOO_THICK -> glue(row, order, HouseRules.LAYERS, supply.leastLayers(order));
            case NO_WOOD, TOO_LONG, BAD_SPOTS, USED_UP -> {
                // A board has to be found: the stock below takes it.
            }
        }
        return row;
    }

    private void glue(VBox row, Order order, String rule, int parts) {
        if (parts < 2) {
            return;
        }
        Button remedy = new Button(Texts.get("wood.remedy." + rule).formatted(parts));
        remedy.setId("remedy-%s-%s".formatted(rule, order.blank().id()));
        remedy.getStyleClass().add("remedy");
        remedy.setOnAction(pressed -> bench.edit(new Edit.All(order.line().pieces().stream()
                .<Edit>map(piece -> new Edit.Give(Address.of(piece, rule),
                        new Value.Chosen(String.valueOf(parts))))
                .toList())));
        row.getChildren().add(remedy);
    }
}
