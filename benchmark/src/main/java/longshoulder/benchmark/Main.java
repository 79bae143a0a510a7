package longshoulder.benchmark;

/** Runs JMH; arguments are JMH's own, such as the name of a benchmark. */
public final class Main {

    private Main() {}

    public static void main(String[] arguments) throws Exception {
        org.openjdk.jmh.Main.main(arguments);
    }
}
