package longshoulder.core.measure;

/**
 * How far a tenon and its mortise are apart in size, or what is taken off for it, such as 0.34 mm. It is always shown in hundredths of a
 * millimetre or thousandths of an inch, however coarsely lengths are shown: in their steps it would be nothing.
 */
public record Fit(Length length) {}
