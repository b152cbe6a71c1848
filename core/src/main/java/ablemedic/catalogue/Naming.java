package ablemedic.catalogue;

/** What things are called on one craft, where that differs from craft to craft. */
@FunctionalInterface
public interface Naming {
    /** A corner by its id in plain words, as on a frame with four arms in an X. */
    Naming USUAL = id -> id.replace('-', ' ');

    String corner(String id);
}
