<x-layout :title="__('page/day.calls.title')" sheet="day" here="yard">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/day.calls.title') }}</h1></div>
        <p class="sentence">{{ __('page/day.calls.lead') }}</p>
        @forelse ($page->rigs() as [$rig, $lines, $last])
            <section class="card call" aria-label="{{ $rig->title() }}">
                <div><h2><a class="name-link" href="{{ route('log.rig', $rig) }}">{{ $rig->title() }}</a></h2>
                    @if ($rig->customer)<p><strong>{{ $rig->customer->name }}</strong>@if ($rig->customer->phone) <a class="button is-small" href="tel:{{ preg_replace('/[^+\d]/', '', $rig->customer->phone) }}">{{ $rig->customer->phone }}</a>@endif @if ($rig->customer->mail) <a class="name-link" href="mailto:{{ $rig->customer->mail }}">{{ $rig->customer->mail }}</a>@endif</p>
                    @else<p class="sentence">{{ __('page/day.calls.no_customer') }} <a class="name-link" href="{{ route('log.rig', $rig) }}">{{ __('page/day.calls.add_customer') }}</a></p>@endif
                    <p><span class="who">{{ __('page/day.calls.due') }}</span> @foreach ($lines as $line){{ \App\Words\ServiceWords::what($line->due->task) }}: {{ $line->when() }}{{ $loop->last ? '' : '; ' }}@endforeach</p>
                    @if ($last !== '')<p class="who">{{ __('page/day.calls.last') }} {{ $last }}</p>@endif
                </div>
                @can('work')<form method="post" action="{{ route('calls.store', $rig) }}" class="acts">@csrf @foreach (\App\Models\CallOutcome::cases() as $outcome)<button class="button is-small" name="outcome" value="{{ $outcome->value }}">{{ __('day.call.'.$outcome->value) }}</button>@endforeach</form>@endcan
            </section>
        @empty
            <div class="card empty"><p>{{ __('page/day.calls.nobody') }}</p></div>
        @endforelse
    </main>
</x-layout>
