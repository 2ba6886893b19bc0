package drumnest.core.photo;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Groups of numbered things that belong together in pairs (union-find, from memory). */
final class Groups {

  private final int[] parent;

  Groups(int count) {
    parent = new int[count];
    for (int i = 0; i < count; i++) {
      parent[i] = i;
    }
  }

  private int root(int i) {
    int root = i;
    while (parent[root] != root) {
      parent[root] = parent[parent[root]];
      root = parent[root];
    }
    return root;
  }

  boolean together(int i, int j) {
    return root(i) == root(j);
  }

  /** Joins the groups of two; the group is named after its lowest number. */
  void join(int i, int j) {
    int one = root(i);
    int other = root(j);
    parent[Math.max(one, other)] = Math.min(one, other);
  }

  /** The groups of two or more, each in the order of numbers. */
  Collection<List<Integer>> ofSeveral() {
    Map<Integer, List<Integer>> byRoot = new LinkedHashMap<>();
    for (int i = 0; i < parent.length; i++) {
      byRoot.computeIfAbsent(root(i), root -> new ArrayList<>()).add(i);
    }
    return byRoot.values().stream().filter(group -> group.size() > 1).toList();
  }
}
