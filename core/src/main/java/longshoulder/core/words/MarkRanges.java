package longshoulder.core.words;

import java.util.ArrayList;
import java.util.List;

/** The marks of several pieces, told in short. */
public final class MarkRanges {

    private static final String NO_BREAK = "\u00a0";

    /** Fewer that follow each other are told one by one. */
    private static final int RUN = 3;

    /** Numbers of more digits are names. */
    private static final int LONGEST = 8;

    private MarkRanges() {}

    /** "A1–A4" where three or more follow each other, "B1 B2" and "A1 A3 A4" where not: no mark is in it that is not meant. */
    public static String told(List<String> marks) {
        List<String> told = new ArrayList<>();
        int first = 0;
        while (first < marks.size()) {
            int next = first + 1;
            while (next < marks.size() && follows(marks.get(next - 1), marks.get(next))) {
                next++;
            }
            if (next - first < RUN) {
                next = first + 1;
                told.add(marks.get(first));
            } else {
                told.add(marks.get(first) + "–" + marks.get(next - 1));
            }
            first = next;
        }
        return String.join(told.size() > 2 ? " " : NO_BREAK, told);
    }

    private static boolean follows(String one, String other) {
        int digits = one.length();
        while (digits > 0 && Character.isDigit(one.charAt(digits - 1))) {
            digits--;
        }
        int count = one.length() - digits;
        return count > 0 && count <= LONGEST
                && other.equals(one.substring(0, digits) + (Integer.parseInt(one.substring(digits)) + 1));
    }
}
