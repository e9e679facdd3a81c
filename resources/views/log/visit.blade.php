@php($words = new \App\Words\SettingWords($job->rigAsWorked()->described()))
<x-layout :title="'Return visit, '.$job->title" here="log">
    <main class="yard">
        <div class="yard-head"><h1>Return visit <span class="font-normal text-muted">· {{ $job->rig->title() }}</span></h1><a class="button" href="{{ route('log.rig', $job->rig_id) }}">To its history</a></div>
        <div class="visit">
            <form class="card visit-form" aria-label="What travels now">
                <h2>What travels now</h2>
                <p class="sentence">Load states are kept in the <a href="{{ route('loads', $job) }}">load planner</a>.</p>
                @foreach ([null, ...$job->rig->loadStates] as $one)
                    <label class="tick"><input type="radio" name="state" value="{{ $one?->key() }}" @checked($state?->key() === $one?->key())> {{ $one === null ? 'As last time'.($job->rigAsWorked()->loadState() === null ? '' : ': '.$job->rigAsWorked()->loadState()) : $one->name }}</label>
                @endforeach
                <button class="button">Show what changes</button>
            </form>
            <section class="card visit-start" aria-label="Where to start">
                <h2>Where to start</h2>
                @if ($visit->leftAt() === null)
                    <p class="do-next">No setting was recorded at {{ $job->title }}: the return visit starts like a first visit.</p>
                @else
                    <p class="do-next is-in-range"><strong>Start at {{ $words->of($visit->corrected()) }}.</strong> Left at {{ $words->of($visit->leftAt()) }} ({{ $job->title }}, {{ $job->booked_on->format('j M Y') }}).</p>
                    @if ($visit->isBeyondSmallSteps())<p class="do-next is-over">No small step brings this load into range: check washers and head.</p>@endif
                    <ul>@foreach ($visit->since()->causes() as $cause)<li>{{ $cause }}</li>@endforeach</ul>
                    <p class="sentence">{{ $visit->since()->causes() === [] ? 'The recorded load is the same as last time.' : $visit->since()->inAll() }} From last time's readings. Tape to confirm.</p>
                @endif
                <form method="post" data-needs-connection action="{{ route('log.begin', $job) }}">
                    @csrf
                    <input type="hidden" name="state" value="{{ $state?->key() }}">
                    <x-typed name="title" label="What is it, for whom" :value="old('title', $job->rig->trailer->name.', return visit')" />
                    <button class="button is-first">Start return visit</button>
                </form>
            </section>
        </div>
    </main>
</x-layout>
