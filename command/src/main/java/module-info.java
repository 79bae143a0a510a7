/** The same work without a window, for scripts and tests. */
module longshoulder.command {
    requires static org.jspecify;
    requires longshoulder.core;
    requires longshoulder.files;
    requires org.apache.commons.text;
    requires info.picocli;

    opens longshoulder.command to info.picocli;
}
