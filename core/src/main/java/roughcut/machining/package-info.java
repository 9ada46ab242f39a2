/** Work on a router driven by numbers: set-ups, what a program does to the wood, and limits. */
package roughcut.machining;
