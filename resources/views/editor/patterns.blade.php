<svg {{ $region }} width="0" height="0" class="absolute" aria-hidden="true"><defs><x-mesh-patterns :inks="$inks" /></defs></svg>
