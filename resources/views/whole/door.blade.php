<x-page :title="$saved->name.' on the door'" here="plans">
    <main class="whole whole-door">
        @include('whole.heading', ['here' => 'door'])
        @php [$frame, $problems] = [$scene->frame(), $request->problems()]; @endphp
        <div class="door">
            <svg id="scene" viewBox="{{ $frame->left }} {{ $frame->top }} {{ $frame->wide() }} {{ $frame->high() }}" role="img" aria-label="{{ $scene->words() }}">
                <defs><x-mesh-patterns :inks="$scene->drawing->inks" /></defs>
                @include('whole.scene', ['units' => $scene->units])
            </svg>
            <section>
                <h1>{{ $saved->name }}, where it hangs</h1>
                <form method="get" action="{{ route('plans.door', $saved) }}" class="sentence">
                    <p>It hangs on
                        <select class="blank" name="on" aria-label="what it hangs on">
                            @foreach (App\Plans\Place::choices() as $key => $words)
                                <option value="{{ $key }}" @selected($key === $scene->place->on)>{{ $words }}</option>
                            @endforeach
                        </select>
                        <input class="blank" name="wide" size="6" aria-label="how wide that is" value="{{ $request->typed('wide') }}" placeholder="{{ $scene->units->exact($scene->place->wide) }}" @if (isset($problems['wide'])) aria-invalid="true" aria-describedby="problem-wide" @endif> wide and
                        <input class="blank" name="high" size="6" aria-label="how high that is" value="{{ $request->typed('high') }}" placeholder="{{ $scene->units->exact($scene->place->high) }}" @if (isset($problems['high'])) aria-invalid="true" aria-describedby="problem-high" @endif> high, in
                        <select class="blank" name="colour" aria-label="its colour">
                            @foreach (array_keys(Davrin\Core\Words\ColourNames::OFFERED) as $name)
                                <option @selected($name === $request->colourName())>{{ $name }}</option>
                            @endforeach
                        </select>, from a hook
                        <input class="blank" name="hook" size="10" aria-label="how high the hook is above the floor" value="{{ $request->typed('hook') }}" placeholder="at eye height" @if (isset($problems['hook'])) aria-invalid="true" aria-describedby="problem-hook" @endif> above the floor, seen from
                        <select class="blank" name="side" aria-label="the side it is seen from">
                            @foreach ($sides as $side)
                                <option value="{{ $side->value }}" @selected($side === $scene->side)>{{ $side === App\Drawing\Side::Front ? 'the front' : 'the back, as through glass' }}</option>
                            @endforeach
                        </select>.
                    </p>
                    @foreach ($problems as $field => $problem)
                        <p class="problem" id="problem-{{ $field }}" role="alert">{{ $problem }}</p>
                    @endforeach
                    <button class="act act-strong mt-3">Look at it there</button>
                </form>
                <ul class="judged">
                    @foreach ($scene->judged as $said)
                        <li>{{ Str::unbroken($said) }}</li>
                    @endforeach
                </ul>
                <p class="caution">{{ Davrin\Core\Demand\Caution::Door->words() }}</p>
                <p class="caution">{{ Davrin\Core\Demand\Caution::Hook->words() }}</p>
                <p class="take-along">
                    <a class="act" href="{{ route('plans.door-picture', $saved).'?'.http_build_query($request->query()) }}" download>Save as a drawing (SVG)</a>
                    <button type="button" class="act" data-save-picture="scene" data-name="{{ Str::slug($saved->name) }}-on-the-door" hidden>Save as a picture (PNG)</button>
                </p>
            </section>
        </div>
    </main>
</x-page>
