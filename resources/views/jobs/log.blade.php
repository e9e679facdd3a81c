<x-layout :title="'Tape log, '.$job->title">
    <main class="yard">
        <div class="yard-head">
            <h1>Tape log <span class="font-normal text-muted">· {{ $job->title }}</span></h1>
            <a class="button" href="{{ route('jobs.resume', $job) }}">Back to the bench</a>
        </div>
        <p class="sentence">Every reading stays as it was typed. A corrected one supersedes the earlier one; both are kept.</p>
        @if ($readings->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">Nothing is taped yet.</p><p>The first height you save appears here.</p></div>
        @else
            <div class="card overflow-x-auto">
                <table class="log">
                    <thead><tr><th>When</th><th>Who</th><th>Stance</th><th>Fender</th><th>Typed</th><th>Height</th><th>Before it</th><th>State</th></tr></thead>
                    <tbody>
                        @foreach ($readings as $reading)
                            <tr @class(['is-superseded' => $reading->successor])>
                                <td>{{ $reading->taken_at->format('j M Y H:i') }}</td>
                                <td>{{ $reading->user->name }}</td>
                                <td>{{ $reading->stance->value }}</td>
                                <td>{{ \App\UseCases\Tape\Place::ofReading($reading)->label() }}</td>
                                <td>{{ $reading->typed === '' ? '(emptied)' : $reading->typed }}</td>
                                <td class="height">{{ $reading->typedLength() ? $person->lengthPrinter()->nearest($reading->typedLength()->length()) : '–' }}</td>
                                <td>{{ $reading->settling === \Yoke\Readings\Height\Settling::Rolled ? 'rolled' : 'not rolled' }}</td>
                                <td>{{ $reading->successor ? 'superseded '.$reading->successor->taken_at->format('H:i') : ($reading->height_mm === null ? 'undone' : 'stands') }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </main>
</x-layout>
