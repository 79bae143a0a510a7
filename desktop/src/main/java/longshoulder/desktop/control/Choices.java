package longshoulder.desktop.control;

import java.text.Collator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Woods;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;

/** What the menus of options offer: each option in words, and the edit that takes it. */
public final class Choices {

    private static final int IN_A_MENU = 14;

    private Choices() {}

    /** The options of a choice; the address says for what it is made. */
    public static List<Choice> of(Workbench bench, Parameter.Choice choice, String address) {
        return choice.options().stream()
                .map(option -> new Choice("option-" + choice.name().replace('.', '-') + "-" + option,
                        bench.words().option(choice, option),
                        () -> bench.edit(new Edit.Give(address, new Value.Chosen(option)))))
                .toList();
    }

    /** The woods that are known, for all pieces of a role: the maker's own and usual ones, then all others by their names. */
    public static List<Choice> ofWood(Workbench bench, String role) {
        Woods woods = bench.project().knownWoods();
        List<Choice> choices = new ArrayList<>(named(bench, role, woods.usual()));
        List<Choice> others = named(bench, role,
                woods.all().stream().filter(wood -> !woods.usual().contains(wood)).toList());
        for (int i = 0; i < others.size(); i += IN_A_MENU) {
            List<Choice> some = others.subList(i, Math.min(i + IN_A_MENU, others.size()));
            choices.add(Choice.group("more-woods-" + role + "-" + i / IN_A_MENU,
                    Texts.get("brief.woods.more").formatted(some.getFirst().text(), some.getLast().text()), some));
        }
        return choices;
    }

    private static List<Choice> named(Workbench bench, String role, List<Species> woods) {
        return woods.stream().map(one -> new Choice("wood-" + role + "-" + one.id(),
                bench.words().wood(one.id()), () -> bench.edit(new Edit.UseWood(role, one.id()))))
                .sorted(Comparator.comparing(Choice::text, Collator.getInstance())).toList();
    }
}
