/** The window. */
module longshoulder.desktop {
    requires static org.jspecify;
    requires longshoulder.core;
    requires longshoulder.files;
    requires javafx.controls;
    requires java.desktop; // ImageIO writes the pictures of the views; pictures are painted with it

    exports longshoulder.desktop;
}
