package longshoulder.command;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import longshoulder.core.boards.Pin;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Parameter;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.frame.Alteration;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Length;
import longshoulder.core.frame.Role;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.plan.SolveFor;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Noted;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Settings as they are typed after {@code --set} and the like; each refusal is one sentence. */
final class Settings {

    private Settings() {}

    /** NAME=VALUE; NAME= leaves a parameter to the rule again. */
    static Project give(Project project, String setting) {
        String[] halves = halves(setting, "--set", "overall.length=\"1500 mm\"");
        if (halves[1].isEmpty()) {
            return apply(project, setting, new Edit.LeaveToRule(halves[0]));
        }
        try {
            Parameter parameter = Edit.parameter(project, halves[0]);
            return apply(project, setting,
                    new Edit.Give(halves[0], parameter.read(halves[1], project.showing().unit())));
        } catch (EditRefused refused) {
            throw refusal(project, setting, refused);
        } catch (EntryException refused) {
            throw new Refusal("%s: %s".formatted(halves[0], refused.getMessage()));
        }
    }

    /** ROLE=WOOD; all=WOOD for every piece of wood in the design. */
    static Project useWood(Project project, String setting) {
        String[] halves = halves(setting, "--wood", "top=elm");
        return apply(project, setting, halves[0].equals("all")
                ? new Edit.All(project.frame().pieces().stream().map(Piece::role).distinct()
                        .filter(role -> role != Role.GLASS)
                        .<Edit>map(role -> new Edit.UseWood(role.id(), halves[1])).toList())
                : new Edit.UseWood(halves[0], halves[1]));
    }

    /** LENGTH,LENGTH,...: these chisels and cutters in the place of those that are owned. */
    static Project own(Project project, String setting) {
        Project owning = project;
        List<Length> owned = Arrays.stream(setting.split(",", -1)).map(width -> length(project, width)).toList();
        for (Length width : owned) {
            owning = apply(owning, "--chisels " + setting, new Edit.OwnChisel(width));
        }
        for (Length width : project.tools().chisels()) {
            owning = owned.contains(width) ? owning : apply(owning, setting, new Edit.GiveAwayChisel(width));
        }
        return owning;
    }

    /** A step in which lengths are shown, such as 1/64 in. */
    static Project show(Project project, String step) {
        return Arrays.stream(Showing.values()).filter(showing -> showing.code().equals(step)).findFirst()
                .map(showing -> apply(project, step, new Edit.ShowIn(showing)))
                .orElseThrow(() -> new Refusal("--show \"%s\" is no step; it is one of %s.".formatted(step,
                        String.join(", ", Arrays.stream(Showing.values()).map(Showing::code).toList()))));
    }

    private static Length length(Project project, String text) {
        try {
            return LengthEntry.read(text, project.showing().unit());
        } catch (EntryException refused) {
            throw new Refusal(refused.getMessage());
        }
    }

    /** ID:WHAT=LENGTH; ID:WHAT= forgets it. */
    static Project milled(Project project, String setting) {
        String[] halves = halves(setting, "--milled", "apron-front:shoulder=\"1258 mm\"");
        Address address = Address.parse(halves[0]);
        Milled what = Milled.find(address.parameter()).orElseThrow(() -> new Refusal(
                "%s: what was milled is one of %s, written as --milled apron-front:shoulder=\"1258 mm\".".formatted(
                        setting, String.join(", ", Arrays.stream(Milled.values()).map(Milled::id).toList()))));
        String id = address.joint().orElse("");
        if (halves[1].isEmpty()) {
            return apply(project, setting, new Edit.ForgetMilled(id, what));
        }
        try {
            return apply(project, setting, new Edit.RecordMilled(id, what,
                    LengthEntry.read(halves[1], project.showing().unit())));
        } catch (EntryException refused) {
            throw new Refusal("%s: %s".formatted(halves[0], refused.getMessage()));
        }
    }

    /** PIECE:WHAT=TEXT: what is done of a piece, its number or a note; an empty text takes it back. */
    static Project note(Project project, String setting) {
        String[] halves = halves(setting, "--note", "apron-front:rough=done");
        Address address = Address.parse(halves[0]);
        Noted what = Noted.find(address.parameter()).orElseThrow(() -> new Refusal(
                "%s: what is noted is one of %s, written as --note apron-front:rough=done.".formatted(setting,
                        String.join(", ", Arrays.stream(Noted.values()).map(Noted::id).toList()))));
        String piece = address.joint().orElse("");
        List<String> known = CutList.of(Planner.plan(project)).lines().stream()
                .flatMap(line -> line.pieces().stream()).toList();
        if (known.stream().noneMatch(part -> part.equals(CutLine.pieceOf(piece)) || part.equals(piece))) {
            throw new Refusal("%s: there is no part \"%s\"; maybe \"%s\" is meant.".formatted(setting, piece,
                    nearest(piece, known)));
        }
        return apply(project, setting, new Edit.Note(piece, what, halves[1]));
    }

    private static final Pattern PIN = Pattern.compile("(?<stock>.+)#(?<board>[1-9][0-9]{0,3})@(?<x>[^,]+),(?<y>.+)");

    /** PART=STOCK#N@X,Y: a part pinned to a place of a board; PART= lets it go. */
    static Project pin(Project project, String setting) {
        String[] halves = halves(setting, "--pin", "\"apron-front=ash 27x150 2400#1@25,0\"");
        if (halves[1].isEmpty()) {
            return apply(project, setting, new Edit.Unpin(halves[0]));
        }
        Matcher place = PIN.matcher(halves[1]);
        if (!place.matches()) {
            throw new Refusal("%s: write a pin as --pin \"apron-front=ash 27x150 2400#1@25,0\".".formatted(setting));
        }
        Pin pin = new Pin(halves[0], place.group("stock"), Integer.parseInt(place.group("board")),
                length(project, place.group("x")), length(project, place.group("y")));
        Supply.of(List.of(Planner.plan(project))).whyNot(pin).ifPresent(why -> {
            throw new Refusal("%s: it cannot lie there: %s.".formatted(setting,
                    Words.showing(project.showing()).text("pin." + why.id())));
        });
        return apply(project, setting, new Edit.PinDown(List.of(pin)));
    }

    /** DO,NAME=VALUE,...: a change to the frame beyond its kind. */
    static Project alter(Project project, String setting) {
        String[] parts = setting.split(",", -1);
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("do", parts[0].strip());
        for (int i = 1; i < parts.length; i++) {
            String[] halves = halves(parts[i], "--alter", "remove,piece=rail-low");
            fields.put(halves[0], halves[1]);
        }
        try {
            Alteration alteration = Alterations.read(fields, project.showing().unit());
            fields.keySet().stream().filter(field -> !alteration.fields().containsKey(field)).findFirst()
                    .ifPresent(field -> {
                        throw new Refusal("%s: \"%s\" has no \"%s\"; maybe \"%s\" is meant.".formatted(setting,
                                fields.get("do"), field, nearest(field, alteration.fields().keySet())));
                    });
            return apply(project, setting, new Edit.Alter(alteration));
        } catch (EditRefused refused) {
            throw refusal(project, setting, refused);
        }
    }

    /** PIECE:WHAT=LENGTH[,SIZE]: the size of the brief with which a length comes out. */
    static SolveFor.Solution solve(Project project, String setting) {
        String[] halves = halves(setting, "--solve", "apron-front:shoulder=\"1300 mm\",overall.length");
        Address address = Address.parse(halves[0]);
        String[] parts = halves[1].split(",\\s*(?=[a-z])", 2);
        String piece = address.joint().orElse("");
        Function<Plan, Optional<Amount>> measured = plan -> plan.has(piece)
                ? measured(plan.piece(piece), address.parameter())
                : Optional.empty();
        Plan plan = Planner.plan(project);
        Amount now = measured.apply(plan).orElseThrow(() -> new Refusal(
                "%s: there is no such length; write it as PIECE:shoulder, PIECE:length, PIECE:width or PIECE:thickness."
                        .formatted(halves[0])));
        SolveFor wanted = new SolveFor(measured, length(project, parts[0]));
        List<Parameter.Measure> free = SolveFor.free(project, now);
        try {
            if (parts.length > 1 && Edit.parameter(project, parts[1].strip()) instanceof Parameter.Measure size) {
                return wanted.by(plan, size);
            }
            return wanted.by(plan, free.stream().findFirst()
                    .orElseThrow(() -> new Refusal("%s hangs on no size of the brief.".formatted(halves[0]))));
        } catch (EditRefused refused) {
            throw refusal(project, setting, refused);
        }
    }

    private static Optional<Amount> measured(PlannedPiece piece, String what) {
        return switch (what) {
            case "shoulder" -> piece.shoulderLength();
            case "length" -> Optional.of(piece.length());
            case "width" -> Optional.of(piece.piece().width());
            case "thickness" -> Optional.of(piece.piece().thickness());
            default -> Optional.empty();
        };
    }

    /** What a solution changed, in a sentence. */
    static String said(Project project, SolveFor.Solution solution) {
        return Words.showing(project.showing()).sentence(solution.said()) + ".";
    }

    /** The one of some names that is most like what was typed. */
    private static String nearest(String typed, Collection<String> names) {
        return Collections.min(names, Comparator.comparing(
                name -> LevenshteinDistance.getDefaultInstance().apply(typed, name)));
    }

    static Project apply(Project project, String setting, Edit edit) {
        try {
            return edit.applyTo(project);
        } catch (EditRefused refused) {
            throw refusal(project, setting, refused);
        }
    }

    private static Refusal refusal(Project project, String setting, EditRefused refused) {
        return new Refusal(setting + ": " + Words.showing(project.showing()).sentence(refused.reason()) + ".");
    }

    private static String[] halves(String setting, String option, String example) {
        int equals = setting.indexOf('=');
        if (equals < 1) {
            throw new Refusal("%s \"%s\" lacks a name or a value; write it as %s %s.".formatted(option, setting, option,
                    example));
        }
        return new String[]{setting.substring(0, equals).strip(), setting.substring(equals + 1).strip()};
    }
}
