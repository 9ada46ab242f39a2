/**
 * The work at the bench: which operations this instrument takes, in which orders they are possible,
 * what is owed before a face goes, what has to be measured first (handbook pages 7 and 8).
 */
package roughcut.bench;
