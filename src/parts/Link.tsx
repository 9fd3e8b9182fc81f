import type { AnchorHTMLAttributes, MouseEvent } from "react";

interface LinkProps extends AnchorHTMLAttributes<HTMLAnchorElement> {
  href: string;
  /** Goes there within the page. */
  onGo: () => void;
}

/** A link that is one: it opens in another tab where that is asked for, and within the page else. */
export function Link({ href, onGo, ...others }: LinkProps) {
  const onClick = (event: MouseEvent) => {
    if (event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) {
      return;
    }
    event.preventDefault();
    onGo();
  };
  return <a href={href} onClick={onClick} {...others} />;
}
