/** What cards are made of and go into: sheets, cardstock, envelopes and their published sizes. */
package vantbreeze.core.paper;
