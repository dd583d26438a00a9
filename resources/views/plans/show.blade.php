<x-page :title="$plan->name()" here="plans">
    @include('plans.editor')
</x-page>
