package longshoulder.core.reckoning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import longshoulder.core.measure.Length;

/**
 * A named length together with how it came about, such as "shoulder length = over the legs − 2 × leg".
 *
 * <p>A derived amount <em>is</em> its derivation: {@link #value} evaluates the tree, so what is explained and what is
 * computed cannot differ. A derived record evaluates itself once, when it is made, whatever value it is handed; its shorter
 * constructor is the one to use. Putting an amount into words is the business of {@link longshoulder.core.words.Words}.
 */
public sealed interface Amount {

    /** What this is the length of. */
    Label label();

    /** The exact length. */
    Length value();

    /** What it is computed from, in order; empty for what was given. */
    List<Amount> parts();

    /** The same with how often each counts; negative where it is taken away. */
    default List<Term> terms() {
        return parts().stream().map(part -> new Term(1, part)).toList();
    }

    /** The length of an amount in millimetres, for geometry. */
    static double mm(Amount amount) {
        return amount.value().toMillimetres();
    }

    /** Whether it is computed from others. */
    default boolean isDerived() {
        return !parts().isEmpty();
    }

    /** The rule that chose this amount, where one did. */
    default Optional<Label> rule() {
        return Optional.empty();
    }

    /** Every parameter of the brief that this amount hangs on, in the order in which they are met. */
    default Set<String> parameters() {
        Set<String> found = new LinkedHashSet<>();
        collectParameters(this, found);
        return found;
    }

    private static void collectParameters(Amount amount, Set<String> found) {
        if (amount instanceof Given given) {
            found.add(given.parameter());
        }
        amount.parts().forEach(part -> collectParameters(part, found));
    }

    /** Asked for by the maker (or the kind's own default), under the name of its parameter. */
    record Given(Label label, Length value, String parameter) implements Amount {
        @Override
        public List<Amount> parts() {
            return List.of();
        }

        /** For which joints it was given, where not for the whole project. */
        @Override
        public Optional<Label> rule() {
            if (parameter.indexOf(':') < 0) {
                return Optional.empty();
            }
            return Optional.of(Label.of(parameter.indexOf('/') < 0 ? "rule.givenForType" : "rule.givenForJoint"));
        }
    }

    /** A constant of the trade, with the rule that it comes from. */
    record Ruled(Label label, Length value, Label because) implements Amount {
        @Override
        public List<Amount> parts() {
            return List.of();
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /** Really cut and measured: it stands in the place of what was planned. */
    record Cut(Label label, Length value, Amount planned) implements Amount {
        @Override
        public List<Amount> parts() {
            return List.of(planned);
        }
    }

    /** One line of a sum: {@code times} may be negative. */
    record Term(int times, Amount amount) {}

    /** Σ times · amount. */
    record Sum(Label label, List<Term> terms, Length value) implements Amount {
        public Sum {
            terms = List.copyOf(terms);
            value = Length.ZERO;
            for (Term term : terms) {
                value = value.plus(term.amount().value().times(term.times()));
            }
        }

        public Sum(Label label, List<Term> terms) {
            this(label, terms, Length.ZERO);
        }

        @Override
        public List<Amount> parts() {
            return terms.stream().map(Term::amount).toList();
        }

        /** Without putting the parts together: it is asked for all rows of the reckoning at every edit. */
        @Override
        public boolean isDerived() {
            return !terms.isEmpty();
        }
    }

    /** A fraction of another amount, such as two thirds of the post; rounded half to even to a picometre. */
    record Share(Label label, Amount of, int numerator, int denominator, Label because, Length value)
            implements
                Amount {
        public Share {
            value = of.value().times(numerator, denominator);
        }

        public Share(Label label, Amount of, int numerator, int denominator, Label because) {
            this(label, of, numerator, denominator, because, Length.ZERO);
        }

        @Override
        public List<Amount> parts() {
            return List.of(of);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /**
     * Another amount times a factor that an angle gives, such as height ÷ cos 7°; rounded half to even to a picometre.
     *
     * @param factor the cosine, tangent or the like
     */
    record Scaled(Label label, Amount of, double factor, Label because, Length value) implements Amount {
        public Scaled {
            value = Length.fromMillimetres(of.value().toMillimetres() * factor);
        }

        public Scaled(Label label, Amount of, double factor, Label because) {
            this(label, of, factor, because, Length.ZERO);
        }

        @Override
        public List<Amount> parts() {
            return List.of(of);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /** Found where planes of the pieces in place cut each other; the parts are what these planes hang on. */
    record Traced(Label label, Length value, List<Amount> parts, Label because) implements Amount {
        public Traced {
            parts = List.copyOf(parts);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /** The smallest of several, such as the wanted length and the free one. */
    record Least(Label label, List<Amount> parts, Label because, Length value) implements Amount {
        public Least {
            parts = requireSome(parts);
            value = parts.stream().map(Amount::value).reduce(Length::least).orElseThrow();
        }

        public Least(Label label, List<Amount> parts, Label because) {
            this(label, parts, because, Length.ZERO);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /** The largest of several. */
    record Greatest(Label label, List<Amount> parts, Label because, Length value) implements Amount {
        public Greatest {
            parts = requireSome(parts);
            value = parts.stream().map(Amount::value).reduce(Length::greatest).orElseThrow();
        }

        public Greatest(Label label, List<Amount> parts, Label because) {
            this(label, parts, because, Length.ZERO);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    /** The nearest of the sizes at hand to the one wanted, such as the nearest chisel; of two equally near, the smaller. */
    record Nearest(Label label, Amount wanted, List<Length> sizes, Label because, Length value) implements Amount {
        public Nearest {
            sizes = List.copyOf(sizes);
            Length want = wanted.value();
            value = sizes.stream().sorted().min(Comparator.comparing(size -> size.minus(want).abs())).orElse(want);
        }

        public Nearest(Label label, Amount wanted, List<Length> sizes, Label because) {
            this(label, wanted, sizes, because, Length.ZERO);
        }

        @Override
        public List<Amount> parts() {
            return List.of(wanted);
        }

        @Override
        public Optional<Label> rule() {
            return Optional.of(because);
        }
    }

    private static List<Amount> requireSome(List<Amount> parts) {
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("At least one amount is needed to choose from.");
        }
        return List.copyOf(parts);
    }

    /** Starts a sum, such as {@code Amount.sum(label).plus(over).minus(2, leg).amount()}. */
    static SumBuilder sum(Label label) {
        return new SumBuilder(label);
    }

    /** Collects the lines of a {@link Sum} in the order in which a maker would write them. */
    final class SumBuilder {
        private final Label label;
        private final List<Term> terms = new ArrayList<>();

        private SumBuilder(Label label) {
            this.label = label;
        }

        public SumBuilder plus(Amount amount) {
            return term(1, amount);
        }

        public SumBuilder plus(int times, Amount amount) {
            return term(times, amount);
        }

        public SumBuilder minus(Amount amount) {
            return term(-1, amount);
        }

        public SumBuilder minus(int times, Amount amount) {
            return term(-times, amount);
        }

        /** What does not come in at all, such as rails of which there are none, is no part of the sum. */
        private SumBuilder term(int times, Amount amount) {
            if (times != 0) {
                terms.add(new Term(times, amount));
            }
            return this;
        }

        public Sum amount() {
            return new Sum(label, terms);
        }
    }
}
