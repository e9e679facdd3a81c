@php($advice = $page->advice())
@php($findings = $advice?->findings())
<x-layout :title="'What is wrong, '.$page->job->title">
    <main class="yard">
        <div class="yard-head">
            <h1>What is wrong with it <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
            <a class="button" href="{{ route('jobs.resume', $page->job) }}">Back to the bench</a>
        </div>
        <div class="card drawing" style="padding: .6rem 1rem">@php($elevation = $page->elevation($page->plan()->hitch()))<x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 6.4)" :stances="$elevation->stances()" role="img" aria-label="The rig as it was taped" /></div>
        @if ($findings === null)
            <div class="card empty"><p class="text-xl font-bold">Not to be told yet.</p><p>{{ $advice === null ? 'It takes the vehicle\'s heights alone and the kind of hitch.' : 'It takes the heights of the carried rig, and which setting is on.' }} In any order: carried, dropped, alone will do.</p></div>
        @elseif ($findings === [])
            <div class="card empty"><p class="text-xl font-bold">Nothing is found wrong.</p><p>{{ $advice->move() }}</p></div>
        @else
            <ol class="findings">
                @foreach ($findings as $finding)
                    <li class="card"><h2>{{ $finding->what }} <span class="who">{{ $advice->chance($finding) }} sure</span></h2><p>{{ $finding->means }}</p><p class="do-next">{{ $finding->remedy }}</p></li>
                @endforeach
            </ol>
            <p class="do-next">{{ $advice->move() }} {{ $advice->workup->reasons()->because() }}</p>
        @endif
        <p class="sentence">Never past a rating, and the front axle never above its alone load. An aid to measuring, not a certificate: the makers' sheets come first; if in doubt, a licensed workshop.</p>
    </main>
</x-layout>
