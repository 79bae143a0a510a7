/** The window. */
module longshoulder.desktop {
    requires static org.jspecify;
    requires longshoulder.core;
    requires longshoulder.files;
    requires javafx.controls;
    requires java.desktop; // ImageIO writes the pictures of the views

    exports longshoulder.desktop;
    exports longshoulder.desktop.look;
    exports longshoulder.desktop.model;
    exports longshoulder.desktop.sheet;
}
