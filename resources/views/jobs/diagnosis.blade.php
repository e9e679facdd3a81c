@php($advice = $page->advice())
@php($findings = $advice->findings())
<x-layout :title="'Diagnosis, '.$page->job->title">
    <main class="yard">
        <div class="yard-head">
            <h1>Diagnosis <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
            <a class="button" href="{{ route('jobs.resume', $page->job) }}">Back to the bench</a>
        </div>
        <div class="card drawing" style="padding: .6rem 1rem">@php($elevation = $page->elevation($page->plan()->hitch()))<x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 6.4)" :stances="$elevation->stances()" role="img" aria-label="The rig as it was taped" /></div>
        @php($verdict = $advice->verdict())
        @if ($verdict)<p class="do-next"><x-verdict-chip :verdict="$verdict->verdict" /> {{ __('verdict.heading') }}: <span data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>. {{ $advice->onTheRoad() }}</p>@endif
        @foreach ($advice->suspects() as $suspect)<p class="do-next is-over" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>@endforeach
        @if ($findings === null)
            <div class="card empty"><p class="text-xl font-bold">Nothing to diagnose yet.</p><p>Measure the carried rig: one fender, a ticket or the gauge will do. Any order is fine: carried, dropped, alone.</p></div>
        @elseif ($findings === [])
            <div class="card empty"><p class="text-xl font-bold">Nothing is found wrong.</p></div>
        @else
            <ol class="findings">
                @foreach ($findings as $finding)
                    <li class="card"><h2>{{ $finding['what'] }} <span class="who">{{ $finding['chance'] }} likely</span></h2><p>{{ $finding['means'] }}</p><p class="do-next">{{ $finding['remedy'] }}</p></li>
                @endforeach
            </ol>
        @endif
        <p class="do-next">{{ $advice->move() }} {{ $advice->chance() }} {{ implode(' ', $advice->because()) }}</p>
        <p class="sentence">Never past a rating, and the front axle never above its alone load. An aid to measuring, not a certificate: the makers' data sheets come first; if in doubt, a licensed workshop.</p>
    </main>
</x-layout>
