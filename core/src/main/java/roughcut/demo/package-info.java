/** The made-up shop that the program starts with. */
package roughcut.demo;
