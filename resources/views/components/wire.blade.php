@props(['wire'])
@if ($wire instanceof Davrin\Core\Geometry\Circle)
    <circle {{ $attributes }} r="{{ $wire->radius * App\Drawing\Path::SCALE }}" />
@else
    <path {{ $attributes }} d="{{ $wire->closed() ? App\Drawing\Path::closed($wire->points) : App\Drawing\Path::line($wire->points) }}" />
@endif
