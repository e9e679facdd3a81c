@php($breach = $page->breach())
<x-layout :title="__('page/practice.debrief.debrief').', '.$page->title()" here="practice" sheet="practice">
    <main class="practice-debrief">
        <div class="yard-head">
            <h1>{{ __('page/practice.debrief.debrief') }} <span class="font-normal text-muted">· {{ $page->title() }}, {{ $page->kept->code }}</span></h1>
            <button type="button" class="button is-small" data-print>{{ __('page/practice.debrief.print') }}</button>
        </div>
        <section class="card debrief-head" aria-label="{{ __('page/practice.debrief.result') }}">
            @if ($breach !== null)<p class="debrief-stop" data-tone="stop"><strong>{{ __("practice.breach.{$breach->value}.title") }}</strong> {{ __("practice.breach.{$breach->value}.why") }}</p>@endif
            <div class="debrief-figures">
                <p><strong>{{ $page->debrief['points'] }}</strong> {{ __('page/practice.debrief.points') }}</p>
                <p><strong data-truth>{{ $page->truth() }}</strong> {{ __('page/practice.debrief.truly') }}</p>
                <p>@if ($page->believed() !== '')<strong>{{ $page->believed() }}</strong> {{ __('page/practice.debrief.believed') }}@else{{ __('page/practice.debrief.nothing_believed') }}@endif</p>
            </div>
            <p class="debrief-parts">@foreach ($page->points() as [$part, $points, $most])<span>{{ $part }} {{ $points }}/{{ $most }}</span>@endforeach @if ($page->debrief['help'] > 0)<span>{{ __('page/practice.debrief.help', ['points' => $page->debrief['help']]) }}</span>@endif</p>
        </section>
        <section class="card debrief-next" aria-label="{{ __('page/practice.debrief.next') }}">
            <h2>{{ __('page/practice.debrief.next') }}</h2>
            <ol>@foreach ($page->lessons() as $lesson)<li>{{ $lesson }}</li>@endforeach</ol>
            <p><a class="button is-first" href="{{ route('practice') }}">{{ __('page/practice.debrief.go_on') }}</a></p>
        </section>
        <section class="card debrief-drawing" aria-label="{{ __('page/practice.debrief.drawing') }}">
            <h2>{{ __('page/practice.debrief.drawing') }}</h2>
            @foreach (['truly' => $page->truly(), 'as_read' => $page->asRead()] as $which => $elevation)
                @php($says = __("practice.says.drawn_{$which}"))
                @if ($elevation !== null)
                    <figure><x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 5.2)" :stances="$elevation->stances()" role="img" :aria-label="$says" /><figcaption>{{ $says }}</figcaption></figure>
                @endif
            @endforeach
        </section>
        @if ($page->faults() !== [])
            <section class="card" aria-label="{{ __('page/practice.debrief.faults') }}">
                <h2>{{ __('page/practice.debrief.faults') }}</h2>
                @foreach ($page->faults() as $fault)
                    <p class="debrief-fault"><strong>{{ $fault['name'] }}</strong> <span>{{ $fault['found'] ? ($fault['putRight'] ? __('page/practice.debrief.found_and_put_right') : __('page/practice.debrief.found_only')) : ($fault['putRight'] ? __('page/practice.debrief.put_right_only') : __('page/practice.debrief.missed')) }}</span> {{ $fault['seen'] }} {{ $fault['cost'] }}</p>
                @endforeach
            </section>
        @endif
        <section class="card" aria-label="{{ __('page/practice.debrief.heights') }}">
            <h2>{{ __('page/practice.debrief.heights') }}</h2>
            <div class="wide-table"><table class="figures">
                <thead><tr><th scope="col">{{ __('page/practice.run.stance') }}</th><th scope="col">{{ __('page/practice.debrief.end') }}</th><th scope="col">{{ __('page/practice.debrief.you_read') }}</th><th scope="col">{{ __('page/practice.debrief.tape_showed') }}</th><th scope="col">{{ __('page/practice.debrief.stood') }}</th><th scope="col">{{ __('page/practice.debrief.at_rest') }}</th><th scope="col">{{ __('page/practice.debrief.off') }}</th></tr></thead>
                <tbody>@forelse ($page->heights() as $height)<tr><td>{{ ucfirst($height['stance']) }} {{ $height['setting'] }}</td><td>{{ $height['end'] }}</td><td>{{ $height['read'] }}</td><td>{{ $height['shown'] }}</td><td>{{ $height['stood'] }}</td><td>{{ $height['rest'] }}</td><td @class(['is-off' => ! $height['close']])>{{ $height['off'] }}</td></tr>@empty<tr><td colspan="7">{{ __('page/practice.run.nothing_taped') }}</td></tr>@endforelse</tbody>
            </table></div>
        </section>
        @if ($page->known() !== [])
            <section class="card" aria-label="{{ __('page/practice.debrief.known') }}">
                <h2>{{ __('page/practice.debrief.known') }}</h2>
                <div class="wide-table"><table class="figures">
                    <thead><tr><th scope="col">{{ __('page/practice.debrief.hook_up') }}</th><th scope="col">{{ __('page/practice.debrief.setting') }}</th><th scope="col">{{ __('page/practice.debrief.knowable') }}</th><th scope="col">{{ __('page/practice.debrief.verdict') }}</th><th scope="col">{{ __('page/practice.debrief.truly_then') }}</th></tr></thead>
                    <tbody>@foreach ($page->known() as $known)<tr><td>{{ $known['hookUp'] }}</td><td>{{ $known['setting'] }}</td><td>{{ $known['known'] }}</td><td>{{ $known['verdict'] }}</td><td>{{ $known['truly'] }}</td></tr>@endforeach</tbody>
                </table></div>
            </section>
        @endif
        <section class="card" aria-label="{{ __('page/practice.debrief.others') }}">
            <h2>{{ __('page/practice.debrief.others') }}</h2>
            <div class="wide-table"><table class="figures">
                <thead><tr><th scope="col">{{ __('page/practice.debrief.who') }}</th><th scope="col">{{ __('page/practice.debrief.hook_ups') }}</th><th scope="col">{{ __('page/practice.debrief.minutes') }}</th><th scope="col">{{ __('page/practice.debrief.share') }}</th><th scope="col">{{ __('page/practice.debrief.verdict') }}</th></tr></thead>
                <tbody>@foreach ($page->others() as $other)<tr><th scope="row">{{ __("practice.says.who_{$other['who']}") }}</th><td>{{ $other['ending']['hook_ups'] }}</td><td>{{ round($other['ending']['minutes']) }}</td><td>{{ $other['share'] }}</td><td>{{ $other['ending']['breach'] !== null ? __("practice.breach.{$other['ending']['breach']}.title") : ($other['ending']['in_range'] ? __('page/practice.debrief.in_range') : __('page/practice.debrief.out_of_range')) }}</td></tr>@endforeach</tbody>
            </table></div>
        </section>
        <p class="disclaimer">{{ __('page/practice.debrief.simulated') }}</p>
    </main>
</x-layout>
