package drumnest.core.album;

import java.util.List;

/**
 * What is stuck on one face of a plain page: the blocks as they were said, and the mounts that come
 * of them.
 */
public record PagePlan(List<Block> blocks, List<Mount> mounts) {

  public static final PagePlan EMPTY = new PagePlan(List.of(), List.of());

  public PagePlan {
    blocks = List.copyOf(blocks);
    mounts = List.copyOf(mounts);
  }
}
