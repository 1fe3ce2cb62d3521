package fluidframe.app.work;

/**
 * Something that is asked for soon after every start and takes long the first time, so that it is worked out before
 * anybody can ask.
 */
public interface Prepared {

    /** Works it out, if that has not been done. */
    void prepare();
}
