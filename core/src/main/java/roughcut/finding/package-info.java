/** What the plan has to say to the maker, whoever shows it. */
package roughcut.finding;
