<x-layout title="Yard" here="yard">
    <main class="yard">
        <div class="yard-head">
            <h1>Yard <span class="font-normal text-muted">· {{ $today }}</span></h1>
            <a class="button is-first" href="{{ route('jobs.create') }}">Start a job</a>
        </div>
        @forelse ($open as $card)
            {!! $card !!}
        @empty
            <div class="card empty">
                <p class="text-xl font-bold">No job is open.</p>
                <p>A job pairs a vehicle, a trailer and a hitch, and keeps every height you tape.</p>
                <a class="button" href="{{ route('jobs.create') }}">Start the first one</a>
            </div>
        @endforelse
        @if ($moreOpen > 0)<p class="sentence">{{ $moreOpen }} more {{ $moreOpen === 1 ? 'is' : 'are' }} open. <a href="{{ route('log', ['open' => 1]) }}">All open jobs</a></p>@endif
        @if ($due !== [])
            <section class="card due" aria-label="Due">
                <div class="due-head"><h2>Due</h2><a class="button is-small" href="{{ route('care.calendar') }}">Calendar file</a></div>
                @foreach ($due as [$rig, $lines])
                    <p><a href="{{ route('log.care', $rig) }}">{{ $rig->title() }}</a> <span>@foreach ($lines as $line)<span class="due-{{ $line->state === \Yoke\Service\DueState::Over ? 'over' : 'soon' }}">{{ \App\Words\ServiceWords::what($line->due->task) }}, {{ \App\Words\ServiceWords::due($line->state) }}: {{ $line->when() }}</span>{{ $loop->last ? '' : '; ' }}@endforeach</span></p>
                @endforeach
            </section>
        @endif
        @if ($finished !== [])
            <h2>Handed over</h2>
            @foreach ($finished as $card){!! $card !!}@endforeach
        @endif
    </main>
</x-layout>
