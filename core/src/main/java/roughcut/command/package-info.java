/** The command line: reports, checks and exports, without windows. */
package roughcut.command;
