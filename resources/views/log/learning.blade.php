@php use Davrin\Core\Learned\Subject; @endphp
<x-page title="What the log has taught" here="log">
    <main class="log px-8 pt-5 pb-16">
        <p class="log-links"><a href="{{ route('log.index') }}">The logbook</a> <a href="{{ route('learning.estimates') }}">how good the estimates are</a> <a href="{{ route('learning.save') }}" download>save it as a file</a></p>
        <h1 class="mt-1 text-3xl">What the log has taught</h1>
        <p class="mt-2 max-w-3xl">Learned from {{ Davrin\Core\Words\Words::count($entries, 'piece') }} in the log. From three on a figure takes the place of Davrin's starting guess, in every plan that is not held, cut or on the bench yet. One slip of the pen moves none of them.</p>
        <x-notices />
        @if ($told->isEmpty())
            <p class="mt-8 max-w-xl text-[17px]">Nothing yet. <a href="{{ route('log.index') }}">Write down a piece</a> with its size, its minutes or what its rolls held.</p>
        @endif
        @foreach (Subject::cases() as $subject)
            @if ($its = $told[$subject->value] ?? null)
                <section class="lessons" aria-labelledby="{{ $subject->value }}">
                    <h2 id="{{ $subject->value }}">{{ $subject->words() }}</h2>
                    <table>
                        <thead><tr><th scope="col"><span class="sr-only">Of what</span></th><th scope="col">Planned</th><th scope="col">Real</th><th scope="col"><span class="sr-only">Drawn</span></th><th scope="col">Rests on</th><th scope="col">Used from now on</th><th scope="col">Hold it at</th></tr></thead>
                        <tbody>
                            @foreach ($its as $lesson)
                                @php $strip = $lesson->strip(); $key = $lesson->lesson->key(); @endphp
                                <tr id="{{ $lesson::anchor($key) }}" @class(['is-narrow' => $lesson->lesson->scope->material !== '', 'is-few' => ! $lesson->isUsed()])>
                                    <th scope="row">{{ ucfirst($lesson->what()) }}<small>{{ $lesson->unit() }}</small></th>
                                    <td data-label="planned">{{ Str::unbroken($lesson->planned) }}</td>
                                    <td data-label="real"><b>{{ Str::unbroken($lesson->real) }}</b></td>
                                    <td class="strip"><svg viewBox="0 0 200 26" role="img" aria-label="{{ $lesson->scatter }}">
                                        <path class="rule" d="M0 17h200" />
                                        <path class="half" d="M{{ $strip['from'] * 200 }} 13h{{ max(2, ($strip['to'] - $strip['from']) * 200) }}v8H{{ $strip['from'] * 200 }}z" />
                                        @unless ($subject->isPercent())<path class="said-at" d="M{{ $strip['guess'] * 200 }} 13l-4 -8h8z" />@endunless
                                        <path class="real-at" d="M{{ $strip['real'] * 200 }} 8v18" />
                                        @foreach ($strip['slips'] as $slip)<path class="slip-at" d="M{{ $slip * 200 - 3.5 }} 13.5l7 7m0 -7l-7 7" />@endforeach
                                    </svg></td>
                                    <td class="rests">{{ $lesson->restsOn }}, {{ $lesson->lesson->sureness->value }}<small>{{ Str::unbroken($lesson->scatter) }}{{ $lesson->slips === '' ? '' : '; left aside: '.$lesson->slips }}</small></td>
                                    <td data-label="from now on"><b>{{ Str::unbroken($lesson->used) }}</b>@if ($lesson->isHeld)<small>held by you</small>@endif</td>
                                    <td class="holding">
                                        <form method="post" action="{{ route('learning.hold') }}" class="held">
                                            @csrf
                                            <input type="hidden" name="figure" value="{{ $key }}">
                                            <input class="blank" name="value" value="{{ old('figure') === $key ? old('value') : $lesson->typed }}" size="8" maxlength="20" aria-label="hold {{ $lesson->what() }} at" autocomplete="off">
                                            <button class="quiet">hold</button>
                                            @if ($lesson->isHeld)<button class="quiet" formaction="{{ route('learning.let-go') }}" name="_method" value="DELETE">let go</button>@endif
                                        </form>
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </section>
            @endif
        @endforeach
        @if ($alone->isNotEmpty())
            <section class="lessons" aria-labelledby="alone">
                <h2 id="alone">Held by you, though nothing in the log says so any more</h2>
                <ul>
                    @foreach ($alone as $its)
                        <li><form method="post" action="{{ route('learning.let-go') }}" class="held">@csrf @method('delete')<input type="hidden" name="figure" value="{{ $its->key }}"><span>{{ $its->figure()->subject->words() }}, {{ $its->words }}: <b>{{ App\Log\Told::alone($its->figure()) }}</b></span> <button class="quiet">let go</button></form></li>
                    @endforeach
                </ul>
            </section>
        @endif
        @if ($told->isNotEmpty())
            <p class="key mt-6"><svg viewBox="0 0 16 12" aria-hidden="true"><path class="said-at" d="M8 11l-4 -8h8z" /></svg> the starting guess <svg viewBox="0 0 30 12" aria-hidden="true"><path class="half" d="M0 2h30v8H0z" /></svg> the middle half of what was measured <svg viewBox="0 0 8 14" aria-hidden="true"><path class="real-at" d="M4 0v14" /></svg> what the log says <svg viewBox="0 0 14 12" aria-hidden="true"><path class="slip-at" d="M3 2l7 7m0 -7l-7 7" /></svg> left aside as a slip</p>
            <p class="mt-2 max-w-3xl text-[13.5px] text-soft">Minutes, reach and depth are medians. The allowance for short rolls is the worst roll that is no slip; waste is a mean without its ends; when a piece looks thin or very full is the bound that contradicts the fewest of your verdicts. A narrower figure is used before a wider one. A cost sheet that was kept, and a piece on the bench, stay as they were.</p>
        @endif
    </main>
</x-page>
