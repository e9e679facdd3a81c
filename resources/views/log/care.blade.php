@php($refused = session('errors')?->getBag('care')->first('driven') ?? '')
<x-layout :title="'Maintenance, '.$rig->title()" here="log">
    <main class="yard">
        <div class="yard-head">
            <h1>{{ $rig->title() }} <span class="font-normal text-muted">· {{ $rig->hitch->name }}</span></h1>
            <x-rig-tabs :rig="$rig" on="care" />
            <a class="button" href="{{ route('care.rig-calendar', $rig) }}">Calendar file</a>
        </div>
        <p class="sentence">The hitch's data sheet comes before this list, and distances come from it alone. Distance or date counts, whichever comes first.</p>
        <form method="post" action="{{ route('care.store', $rig) }}" class="card care-form">
            @csrf
            <div class="field">
                <label for="driven">Distance on the vehicle</label>
                <input id="driven" name="driven" value="{{ old('driven') }}" inputmode="decimal" autocomplete="off" placeholder="{{ $driven === null ? '' : $person->roadUnit()->distance($driven) }}" aria-describedby="driven-says" @if ($refused !== '') aria-invalid="true" @endif>
                <p class="sentence" id="driven-says" @if ($refused !== '') data-tone="stop" role="alert" @endif>{{ $refused !== '' ? $refused : ($driven === null ? 'Not read yet; may be left empty.' : 'Read last: '.$person->roadUnit()->distance($driven).'. May be left empty.') }}</p>
            </div>
            <button class="button" name="task" value="distance">Save distance</button>
            @if ($lines === [])
                <p class="sentence">Nothing falls due before the rig is handed over the first time.</p>
            @else
                <div class="care-table"><table class="log">
                    <thead><tr><th scope="col">What</th><th scope="col">How often</th><th scope="col">Counts from</th><th scope="col">Due</th><th scope="col"></th></tr></thead>
                    <tbody>
                        @foreach ($lines as $line)
                            <tr class="due-{{ \Illuminate\Support\Str::slug($line->state->value, '-', 'en', ['_' => '-']) }}">
                                <th scope="row">{{ \App\Words\ServiceWords::what($line->due->task) }}<br><span class="who">{{ \App\Words\ServiceWords::how($line->due->task) }}</span></th>
                                <td>{{ $line->every() }}</td>
                                <td>{{ $line->since() }}@if ($line->lacksDistance())<br><span class="who">no distance read then: by date alone</span>@endif</td>
                                <td><strong>{{ ucfirst(\App\Words\ServiceWords::due($line->state)) }}</strong><br>{{ $line->when() }}</td>
                                <td><button class="button is-small" name="task" value="{{ $line->due->task->key }}" aria-label="Done: {{ \App\Words\ServiceWords::what($line->due->task) }}">Record as done</button></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
            @endif
        </form>
        @if ($rig->careRecords->isNotEmpty())
            <section class="card overflow-x-auto" aria-label="Service record">
                <table class="log">
                    <caption class="text-left font-bold p-3">Service record</caption>
                    <tbody>
                        @foreach ($rig->careRecords->reverse() as $record)
                            <tr @class(['is-superseded' => $record->withdrawn_at])>
                                <td>{{ $record->done_at->format('j M Y H:i') }}</td>
                                <td class="height">{{ $names[$record->task] ?? ($record->task === 'set-up' ? 'Set up and handed over' : 'Distance read') }}</td>
                                <td>{{ $record->typed === null ? '' : ($record->typed.' = '.$person->roadUnit()->distance($record->driven_km)) }}</td>
                                <td>{{ $record->user->name }}</td>
                                <td>@if ($record->withdrawn_at)undone {{ $record->withdrawn_at->format('j M') }}@else<form method="post" action="{{ route('care.withdraw', [$rig, $record->id]) }}">@csrf<button class="button is-small">Undo</button></form>@endif</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
    </main>
</x-layout>
