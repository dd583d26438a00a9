@props(['ink'])
<svg class="swatch" viewBox="0 0 13 13" aria-hidden="true"><rect width="13" height="13" fill="{{ $ink->fill }}" /><rect width="13" height="13" fill="url(#mesh-{{ $ink->id }})" /></svg>
