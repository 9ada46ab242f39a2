/** Programs for a router driven by numbers: their text read as a controller reads it. */
package roughcut.gcode;
