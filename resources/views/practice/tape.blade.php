@php($tape = $page->tape())
<section class="card practice-tape" aria-label="{{ __('page/practice.run.tape') }}">
    <nav class="practice-ends" aria-label="{{ __('page/practice.run.which_end') }}">
        @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)<a class="button is-small" data-practice-link href="{{ route('practice.run', ['run' => $page->played->kept, 'axle' => $axle->value, 'eye' => $page->eye->value]) }}" @if ($page->taping === $axle) aria-current="true" @endif>{{ __("practice.says.tape_{$axle->value}") }}</a>@endforeach
        @if ($page->taping !== null && $tape !== null)
            @php($other = $page->eye === \Yoke\Proving\Practice\Tape\Eye::Standing ? \Yoke\Proving\Practice\Tape\Eye::Level : \Yoke\Proving\Practice\Tape\Eye::Standing)
            <a class="button is-small" data-practice-link href="{{ route('practice.run', ['run' => $page->played->kept, 'axle' => $page->taping->value, 'eye' => $other->value]) }}">{{ __("practice.says.eye_{$other->value}") }}</a>
            <button type="button" class="button is-small" id="pad-toggle" data-pad-toggle data-own="aria-expanded" aria-expanded="false" aria-controls="pad">{{ __('tape.pad') }}</button>
        @endif
    </nav>
    @if ($tape !== null && $page->taping !== null)
        @php([$left, $right] = \App\Screens\Practice\TapeView::TAPE)
        @php($half = $tape->half())
        <svg class="tape-picture" viewBox="0 {{ -$half }} {{ \App\Screens\Practice\TapeView::WIDTH }} {{ 2 * $half }}" role="img" aria-label="{{ __('page/practice.run.tape_at', ['end' => __("practice.axle.{$page->taping->value}"), 'eye' => __("practice.says.eye_is_{$page->eye->value}")]) }}">
            <rect class="fender" x="0" y="{{ -$half }}" width="{{ \App\Screens\Practice\TapeView::WIDTH }}" height="{{ $half }}" />
            <rect class="wheel-well" x="0" y="0" width="{{ \App\Screens\Practice\TapeView::WIDTH }}" height="{{ $half }}" />
            <line class="edge" x1="0" x2="{{ \App\Screens\Practice\TapeView::WIDTH }}" y1="0" y2="0" />
            <rect class="tape-band" x="{{ $left }}" y="{{ -$half - 1 }}" width="{{ $right - $left }}" height="{{ 2 * $half + 2 }}" />
            @foreach ($tape->marks() as $mark)
                <line class="graduation" x1="{{ $left }}" x2="{{ $mark['x'] }}" y1="{{ $mark['y'] }}" y2="{{ $mark['y'] }}" @if ($mark['number'] !== null) data-number="{{ $mark['number'] }}" @endif />
                @if ($mark['number'] !== null)<text class="graduation-number" x="{{ $right - 1 }}" y="{{ round($mark['y'] + 2, 2) }}">{{ $mark['number'] }}</text>@endif
            @endforeach
            <path class="edge-arrow" d="M {{ $left - 9 }} -3.2 L {{ $left - 1 }} 0 L {{ $left - 9 }} 3.2 Z M {{ $right + 9 }} -3.2 L {{ $right + 1 }} 0 L {{ $right + 9 }} 3.2 Z" />
        </svg>
        <form method="post" action="{{ route('practice.act', $page->played->kept) }}" class="practice-read" data-tape-free data-needs-connection data-practice-form novalidate>
            @csrf<input type="hidden" name="position" value="{{ $page->position() }}"><input type="hidden" name="kind" value="tape">
            <input type="hidden" name="axle" value="{{ $page->taping->value }}"><input type="hidden" name="eye" value="{{ $page->eye->value }}"><input type="hidden" name="taping" value="{{ $page->taping === \Yoke\Rig\Parts\Axle::Front ? 'rear' : 'front' }}">
            <div class="field"><label for="read">{{ __('page/practice.run.read', ['end' => __("practice.axle.{$page->taping->value}")]) }}</label>
                <input id="read" name="read" value="{{ old('read') }}" data-practice-read data-own="inputmode" data-field="read" autocomplete="off" autocapitalize="off" spellcheck="false" placeholder="{{ $page->example() }}" @error('read') aria-invalid="true" aria-describedby="read-says" @enderror></div>
            @error('read')<p class="sentence" id="read-says" role="alert" data-tone="stop">{{ $message }}</p>@enderror
            <button class="button is-first">{{ __('page/practice.run.write_down') }}</button>
        </form>
        <details class="practice-table"><summary>{{ __('page/practice.run.marks') }}</summary>
            <table class="figures"><thead><tr><th scope="col">{{ __('page/practice.run.mark') }}</th><th scope="col">{{ __('page/practice.run.from_edge') }}</th></tr></thead>
                <tbody>@foreach ($tape->nearby() as [$mark, $from])<tr><td>{{ $mark }}</td><td>{{ $from }}</td></tr>@endforeach</tbody></table>
        </details>
    @else
        <p class="sentence">{{ $page->run->canTape() ? __('page/practice.run.choose_end') : __('page/practice.run.not_on_jack') }}</p>
    @endif
</section>
