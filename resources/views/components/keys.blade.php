<dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
    @foreach ([
        'Tab' => 'to the next blank',
        'Enter' => 'write the blank, or make the choice; the form and the rolls follow',
        'Esc' => 'put back what the blank said',
        'Ctrl Z' => 'undo, as far back as the plan goes',
        'Ctrl Shift Z' => 'redo',
        'b' => 'turn the form over, while nothing is in focus',
        'arrows' => 'from tie to tie, once one has the focus; a sign, a bow or an extra in focus moves by a quarter of an inch',
        '1 to 9' => 'paint the tie in focus with that mesh of the plan; once more takes it back',
        'at the bench' => 'Space, Enter or PageDown is done; PageUp or Backspace is back; s skips, n notes, b turns over, p pauses, w says that something went wrong, and there a digit chooses what',
        '?' => 'this list, while nothing is in focus',
    ] as $key => $does)
        <dt class="font-slab font-bold">{{ $key }}</dt>
        <dd>{{ $does }}</dd>
    @endforeach
</dl>
<p class="mt-3 max-w-prose text-soft">A length can be written as 18 1/2, 18.5 in, 1 ft 6 in, 0.5 yd or 47 cm.</p>
<p class="mt-3" data-needs-script><label><input type="checkbox" data-letters checked autocomplete="off"> single letters are keys (b and ?)</label></p>
