/** Trying before deciding: plans beside each other, and what would mend what is wrong. */
package roughcut.whatif;
