package longshoulder.desktop.wood;

import java.util.Locale;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import longshoulder.core.boards.Stock;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;

/** What has to be bought: boards with volume, weight and price, then what is bought ready. */
final class BuyingTable extends VBox {

    private final GridPane grid = new GridPane();
    private final Words words;

    BuyingTable(BuyingList list, Words words) {
        this.words = words;
        setId("buying");
        getStyleClass().add("buying");
        Label heading = new Label(Texts.get("wood.buy"));
        heading.getStyleClass().add("heading");
        grid.getStyleClass().add("buying-grid");
        getChildren().addAll(heading, grid);
        if (list.lines().isEmpty() && list.ready().isEmpty()) {
            grid.add(new Label(Texts.get("wood.buy.nothing")), 0, 0);
            return;
        }
        String[] heads = {"", "wood.buy.wood", "wood.buy.size", "wood.buy.volume", "wood.buy.feet", "wood.buy.weight",
                "wood.buy.price"};
        for (int i = 1; i < heads.length; i++) {
            add(Texts.get(heads[i]), i, 0, "quiet");
        }
        int row = 1;
        for (BuyingList.Line line : list.lines()) {
            row(line, row++);
        }
        if (list.price().signum() > 0) {
            add(list.price().toPlainString(), 6, row++, "strong");
        }
        for (BuyingList.Ready ready : list.ready()) {
            row(ready, row++);
        }
    }

    private void row(BuyingList.Line line, int row) {
        Stock stock = line.stock();
        add(line.count() + " \u00d7", 0, row, "strong");
        add(words.wood(stock.wood()), 1, row);
        add(words.figure(stock.length()) + " \u00d7 " + words.figure(stock.width()) + " \u00d7 "
                + words.length(stock.thickness()), 2, row);
        add(String.format(Locale.ROOT, "%.4f", line.cubicMetres()), 3, row);
        add(String.format(Locale.ROOT, "%.1f", line.boardFeet()), 4, row);
        add(line.kilograms().map(weight -> String.format(Locale.ROOT, "%.1f kg", weight)).orElse(""), 5, row);
        add(line.price().toPlainString(), 6, row);
    }

    private void row(BuyingList.Ready ready, int row) {
        CutLine line = ready.line();
        add(ready.count() + " \u00d7", 0, row, "strong");
        add(words.text(line.what()) + (line.wood().isEmpty() ? "" : ", " + words.wood(line.wood())), 1, row);
        add(words.figure(line.finished().length().value()) + " \u00d7 "
                + words.figure(line.finished().width().value()) + " \u00d7 "
                + words.length(line.finished().thickness().value()), 2, row);
    }

    private void add(String text, int column, int row, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        grid.add(label, column, row);
        GridPane.setHalignment(label, column >= 3 || column == 0 ? HPos.RIGHT : HPos.LEFT);
    }
}
