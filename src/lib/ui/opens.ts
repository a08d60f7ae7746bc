import type { Attachment } from 'svelte/attachments';

/** Opens a `<details>` when there is something in it to be seen; only a person closes it again. A bare `open={…}` would close it with each load of the page's data. */
export const opens =
  (when: boolean): Attachment<HTMLDetailsElement> =>
  (details) => {
    if (when) details.open = true;
  };
