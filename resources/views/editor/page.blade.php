<x-page :title="$plan->name()" here="plans">
    @include('editor.index')
</x-page>
