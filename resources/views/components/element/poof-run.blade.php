@props(['layer', 'lit' => null])
<x-element.pieces :layer="$layer" :lit="$lit" />
