package fluidframe.app.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A disk, for the database, that can be told to have no room: files under "failing:" cannot be written then. */
public final class FailingDisk extends FilePathWrapper {

    static final String SCHEME = "failing";
    private static volatile boolean full;

    static void register() {
        FilePath.register(new FailingDisk());
    }

    static void full(boolean now) {
        full = now;
    }

    @Override
    public String getScheme() {
        return SCHEME;
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new Channel(getBase().open(mode));
    }

    private static final class Channel extends FileBaseDefault {

        private final FileChannel base;

        Channel(FileChannel base) {
            this.base = base;
        }

        private static void needRoom() throws IOException {
            if (full) {
                throw new IOException("No space left on device");
            }
        }

        @Override
        public int write(ByteBuffer source, long position) throws IOException {
            needRoom();
            return base.write(source, position);
        }

        @Override
        public int read(ByteBuffer target, long position) throws IOException {
            return base.read(target, position);
        }

        @Override
        public long size() throws IOException {
            return base.size();
        }

        @Override
        protected void implTruncate(long size) throws IOException {
            base.truncate(size);
        }

        @Override
        public void force(boolean metaData) throws IOException {
            base.force(metaData);
        }

        @Override
        public FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return base.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            base.close();
        }
    }
}
