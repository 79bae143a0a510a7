package longshoulder.desktop.control;

import java.text.Collator;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.document.Workbench;

/** What the menus of options offer: each option in words, and the edit that takes it. */
public final class Choices {

    private Choices() {}

    /** The options of a choice; the address says for what it is made. */
    public static List<Choice> of(Workbench bench, Parameter.Choice choice, String address) {
        return choice.options().stream()
                .map(option -> new Choice("option-" + choice.name().replace('.', '-') + "-" + option,
                        bench.words().option(choice, option),
                        () -> bench.edit(new Edit.Give(address, new Value.Chosen(option)))))
                .toList();
    }

    /** The woods that are known, for all pieces of a role, in the order of their names. */
    public static List<Choice> ofWood(Workbench bench, String role) {
        return bench.project().knownWoods().all().stream().map(one -> new Choice("wood-" + role + "-" + one.id(),
                bench.words().wood(one.id()), () -> bench.edit(new Edit.UseWood(role, one.id()))))
                .sorted(Comparator.comparing(Choice::text, Collator.getInstance())).toList();
    }
}
