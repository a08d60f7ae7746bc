<!-- Puts one ingredient right: amount, unit, what it is, and the work to do on it. -->
<script lang="ts">
  import { readAmountField, readUnit, showQuantity, type Ingredient } from '$core';
  import { takeFocus } from '$lib/ui/keys';
  let { ingredient, onsave, oncancel }: { ingredient: Ingredient; onsave: (one: Ingredient) => void; oncancel: () => void } = $props();
  const start = () => {
    const { min, max } = ingredient;
    return min === null ? '' : max !== null && max !== min ? `${showQuantity(min)}-${showQuantity(max)}` : showQuantity(min);
  };
  let amount = $state(start());
  // svelte-ignore state_referenced_locally
  let unit = $state(ingredient.unit ?? '');
  // svelte-ignore state_referenced_locally
  let item = $state(ingredient.item);
  // svelte-ignore state_referenced_locally
  let preparation = $state(ingredient.preparation.join(', '));
  let problem = $state<{ field: string; text: string } | null>(null);

  function save(event: SubmitEvent) {
    event.preventDefault();
    const read = readAmountField(amount);
    if (read && 'why' in read) return (problem = { field: 'amount', text: read.why });
    const known = unit.trim() ? readUnit(unit.trim()) : null;
    if (unit.trim() && (!known || known.length < unit.trim().length))
      return (problem = {
        field: 'unit',
        text: `“${unit.trim()}” is no unit that is known here: write cup, tbsp, g, can ... or leave it empty`,
      });
    if (!item.trim()) return (problem = { field: 'item', text: 'say what the ingredient is' });
    onsave({
      ...ingredient,
      min: read?.min ?? null,
      max: read?.max ?? null,
      unit: known?.unit ?? null,
      item: item.trim(),
      preparation: preparation
        .split(',')
        .map((p) => p.trim())
        .filter(Boolean),
      doubt: null,
    });
  }
  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'Escape') oncancel();
  }
  const bad = (field: string) => (problem?.field === field ? 'true' : undefined);
</script>

<form class="grid grid-cols-[6rem_6rem_1fr] gap-2 py-1" onsubmit={save}>
  <label
    ><span class="text-sm text-muted">Amount</span><input
      class="field"
      bind:value={amount}
      {onkeydown}
      aria-invalid={bad('amount')}
      maxlength="20"
      {@attach takeFocus}
    /></label
  >
  <label
    ><span class="text-sm text-muted">Unit</span><input
      class="field"
      bind:value={unit}
      {onkeydown}
      aria-invalid={bad('unit')}
      maxlength="20"
    /></label
  >
  <label
    ><span class="text-sm text-muted">What</span><input
      class="field"
      dir="auto"
      bind:value={item}
      {onkeydown}
      aria-invalid={bad('item')}
      maxlength="200"
    /></label
  >
  <label class="col-span-3"
    ><span class="text-sm text-muted">Work to do on it first, with commas</span><input
      class="field"
      dir="auto"
      bind:value={preparation}
      {onkeydown}
      maxlength="300"
    /></label
  >
  <p class="problem col-span-3 min-h-5 text-sm" role="alert">{problem?.text ?? ''}</p>
  <div class="col-span-3 flex gap-2">
    <button class="btn btn-act">Done</button><button type="button" class="btn" onclick={oncancel}>Cancel</button>
  </div>
</form>
