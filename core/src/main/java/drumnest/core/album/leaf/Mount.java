package drumnest.core.album.leaf;

import drumnest.core.album.flap.Holds;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;

/**
 * A place on a plain page where something is stuck.
 *
 * @param block the key of the block it belongs to
 * @param index its number in the block, from 1
 * @param box its place on the page; its edges are the ruler marks
 * @param outline the outline in which it is cut
 * @param mat what shows of it on each side of what it holds
 * @param holds what it is meant for
 * @param order when it is stuck among those of its block, from 1: the outer ones of a row first, so
 *     that the rest is centred between them; the middle one of an odd grid first
 */
public record Mount(
    int block, int index, Box box, Outline outline, Length mat, Holds holds, int order) {}
