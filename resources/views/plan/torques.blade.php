@php($fasteners = array_filter(\App\Screens\Plan\FastenerLine::of($job, $page->viewer), fn ($line) => $line->isOf($page->station)))
@php($refused = session('errors')?->getBag('torque')->first('wrench') ?? '')
@if ($fasteners !== [])
    <section class="torques" aria-label="{{ __('page/plan.torques.torques') }}">
        <h2>{{ __('page/plan.torques.torques_from_the_data_sheet') }}</h2>
        @foreach ($fasteners as $line)
            @php($here = old('fastener') === $line->field)
            <form method="post" action="{{ route('torques.store', [$job, $page->station->value]) }}">
                @csrf
                <input type="hidden" name="fastener" value="{{ $line->field }}">
                <p><strong>{{ $line->label }} {{ $line->asked }}</strong> <span class="who">{{ $line->found() }}</span></p>
                <input name="wrench" value="{{ $here ? old('wrench') : '' }}" aria-label="{{ __('page/plan.torques.the_wrench_showed', ['line' => $line->label]) }}" placeholder="{{ __('page/plan.torques.wrench') }}" inputmode="decimal" autocomplete="off" @if ($here && $refused !== '') aria-invalid="true" @endif>
                <button class="button is-small">{{ __('page/plan.torques.done') }}</button>
                @if ($here && $refused !== '')<p class="sentence" data-tone="stop" role="alert">{{ $refused }}</p>@elseif ($line->says() !== '')<p class="sentence" data-tone="stop">{{ $line->says() }}</p>@endif
            </form>
        @endforeach
    </section>
@endif
