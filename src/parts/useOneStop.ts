import { type FocusEvent, type KeyboardEvent, useRef } from "react";

/** Everything in a group that has been given up as a stop of its own. */
const MEMBERS = '[tabindex="-1"]';

/** Into what direction an arrow looks, on the screen: y runs down. */
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How much worse it is to lie aside of an arrow's way than ahead on it. */
const ASIDE = 2;

/**
 * Makes a group one stop of the Tab key. Inside, the arrows go to the member that lies next that
 * way, Page Up and Page Down through all of them, Home and End to the first and last. A member that
 * has use for a key itself prevents its default. Members have `tabIndex={-1}`.
 */
export function useOneStop() {
  const last = useRef<Element | undefined>(undefined);
  return {
    tabIndex: 0,
    onFocus: ({ target, currentTarget }: FocusEvent) => {
      if (target !== currentTarget) {
        const isMember = target.matches(MEMBERS);
        // Shift and Tab leave the group from a member, instead of coming back to it.
        currentTarget.setAttribute("tabindex", isMember ? "-1" : "0");
        if (isMember) last.current = target;
        return;
      }
      const members = membersOf(currentTarget);
      focus(members.find((member) => member === last.current) ?? members[0]);
    },
    onBlur: ({ relatedTarget, currentTarget }: FocusEvent) => {
      if (!currentTarget.contains(relatedTarget as Node | null)) {
        currentTarget.setAttribute("tabindex", "0");
      }
    },
    onKeyDown: (event: KeyboardEvent) => {
      const { target, currentTarget, key } = event;
      const isMember = target instanceof Element && target.matches(MEMBERS);
      if (!isMember || event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey)
        return;
      const next = nextOf(membersOf(currentTarget), target, key);
      if (!next) return;
      event.preventDefault();
      focus(next);
    },
  };
}

function membersOf(group: Element): Element[] {
  return [...group.querySelectorAll(MEMBERS)].filter(
    (member) => member.getClientRects().length > 0,
  );
}

function focus(member: Element | undefined): void {
  (member as HTMLElement | SVGElement | undefined)?.focus();
}

function nextOf(members: Element[], from: Element, key: string): Element | undefined {
  const at = members.indexOf(from);
  const way = ARROWS[key];
  if (way) return nearest(members, from, way);
  if (key === "PageDown") return members[at + 1];
  if (key === "PageUp") return members[at - 1];
  if (key === "Home") return members[0];
  return key === "End" ? members[members.length - 1] : undefined;
}

/** The member that lies next into a direction: near, and rather ahead than aside. */
function nearest(members: Element[], from: Element, [x, y]: readonly [number, number]) {
  const [fromX, fromY] = middleOf(from);
  const far = members.flatMap((member) => {
    const [toX, toY] = middleOf(member);
    const [dx, dy] = [toX - fromX, toY - fromY];
    const ahead = dx * x + dy * y;
    const aside = Math.abs(dx * y) + Math.abs(dy * x);
    // What lies more aside than ahead is for another arrow.
    return ahead < 1 || aside > ahead * ASIDE ? [] : [{ member, far: ahead + ASIDE * aside }];
  });
  return far.sort((p, q) => p.far - q.far)[0]?.member;
}

function middleOf(member: Element): [number, number] {
  const { left, top, width, height } = member.getBoundingClientRect();
  return [left + width / 2, top + height / 2];
}
