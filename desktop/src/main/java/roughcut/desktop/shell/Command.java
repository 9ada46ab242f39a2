package roughcut.desktop.shell;

/**
 * Something that the maker can do or find by its words.
 *
 * @param words what it is called
 * @param detail a number or a key shown beside it
 */
record Command(String words, String detail, Runnable action) {}
