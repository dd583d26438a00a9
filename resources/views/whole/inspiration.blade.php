<x-page :title="'Colours of '.$saved->name.' from a photograph'" here="plans">
    <main class="whole">
        @include('whole.heading', ['here' => 'inspiration'])
        <h1>Colours from the inspiration</h1>
        <p class="max-w-prose">A photograph of the sign, the ribbon or the room gives its main colours, and the shelf what comes nearest. The photograph stays on this machine; where and when it was taken is thrown away.</p>
        <form method="post" action="{{ route('plans.inspiration', $saved) }}" enctype="multipart/form-data" class="mt-3 flex flex-wrap items-baseline gap-3">
            @csrf
            <label for="photograph">{{ $photo ? 'Another photograph' : 'A photograph' }}</label>
            <input type="file" id="photograph" name="photograph" accept="image/jpeg,image/png,image/webp" data-most="{{ App\Photos\CleanPhoto::MOST_BYTES }}" required @error('photograph') aria-invalid="true" aria-describedby="problem" @enderror>
            <button class="act act-strong">Find its colours</button>
        </form>
        @error('photograph')
            <p class="problem max-w-prose" id="problem" role="alert">{{ $message }}</p>
        @enderror
        @if ($photo)
            <div class="inspiration">
                <figure>
                    <img src="{{ route('plans.photograph', $saved, false) }}?v={{ $photo->updated_at->timestamp }}" width="{{ $photo->wide }}" height="{{ $photo->high }}" alt="What {{ $saved->name }} takes its colours from">
                    <form method="post" action="{{ route('plans.inspiration', $saved) }}">
                        @csrf
                        @method('delete')
                        <button class="quiet">throw the photograph away</button>
                    </form>
                </figure>
                <ol>
                    @foreach ($photo->colours as $its)
                        <li>
                            <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><path fill="{{ $its['colour'] }}" d="M0 0h1v1H0z" /></svg>
                            <div>
                                <h2>Like {{ App\Shelf\NearestColour::named($its['colour']) }}, {{ $its['isAccent'] ? 'a little that stands out' : round($its['share'] * 100).' % of it' }}</h2>
                                @foreach ($nearest[$its['colour']] as $ofKind)
                                    @foreach ($ofKind as $near)
                                        <div class="near">
                                            <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><path fill="{{ $near->colour }}" d="M0 0h1v1H0z" /></svg>
                                            <span><a class="quiet" href="{{ route('shelf.show', $near->item) }}">{{ $near->item->name }}</a>, {{ $near->item->ware()->name() }}, {{ $near->words() }} (difference {{ round($near->difference) }})</span>
                                            @if ($mayChange && isset($wound[$near->item->ware]))
                                                <form method="post" action="{{ route('plans.edit', $saved) }}">
                                                    @csrf
                                                    <input type="hidden" name="revision" value="{{ $saved->revision_id }}">
                                                    <input type="hidden" name="do" value="take-material">
                                                    <input type="hidden" name="to" value="{{ $near->item->id }}">
                                                    <button class="quiet">use it</button> for
                                                    <select class="blank" name="id" aria-label="in the place of which {{ $near->item->ware()->name() }} of the plan">
                                                        @foreach ($wound[$near->item->ware] as $id => $name)
                                                            <option value="{{ $id }}">{{ $name }}</option>
                                                        @endforeach
                                                    </select>
                                                </form>
                                            @endif
                                        </div>
                                    @endforeach
                                @endforeach
                            </div>
                        </li>
                    @endforeach
                </ol>
            </div>
        @endif
    </main>
</x-page>
