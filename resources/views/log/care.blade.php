@php($refused = session('errors')?->getBag('care')->first('driven') ?? '')
@php($refusedNote = session('errors')?->getBag('care')->first('found') ?? '')
<x-layout :title="__('page/log.care.maintenance', ['title' => $rig->title()])" here="log">
    <main class="yard">
        <div class="yard-head">
            <h1>{{ $rig->title() }} <span class="font-normal text-muted">· {{ $rig->hitch->name }}</span></h1>
            <x-rig-tabs :rig="$rig" on="care" />
            <a class="button" href="{{ route('care.rig-calendar', $rig) }}">{{ __('page/log.care.calendar_file') }}</a>
        </div>
        <p class="sentence">{{ __('page/log.care.the_hitchs_data_sheet_comes') }}</p>
        <form method="post" action="{{ route('care.store', $rig) }}" class="card care-form">
            @csrf
            <div class="field">
                <label for="driven">{{ __('page/log.care.distance_on_the_vehicle') }}</label>
                <input id="driven" name="driven" value="{{ old('driven') }}" inputmode="decimal" autocomplete="off" placeholder="{{ $driven === null ? '' : $person->roadUnit()->distance($driven) }}" aria-describedby="driven-says" @if ($refused !== '') aria-invalid="true" @endif>
                <p class="sentence" id="driven-says" @if ($refused !== '') data-tone="stop" role="alert" @endif>{{ $refused !== '' ? $refused : ($driven === null ? __('page/log.care.not_read_yet_may_be') : __('page/log.care.read_last', ['distance' => $person->roadUnit()->distance($driven)])) }}</p>
            </div>
            <div class="field">
                <label for="found">{{ __('page/log.care.found') }}</label>
                <input id="found" name="found" value="{{ old('found') }}" maxlength="300" autocomplete="off" aria-describedby="found-says" @if ($refusedNote !== '') aria-invalid="true" @endif>
                <p class="sentence" id="found-says" @if ($refusedNote !== '') data-tone="stop" role="alert" @endif>{{ $refusedNote !== '' ? $refusedNote : __('page/log.care.found_hint') }}</p>
            </div>
            <button class="button" name="task" value="distance">{{ __('page/log.care.save_distance') }}</button>
            @if ($lines === [])
                <p class="sentence">{{ __('page/log.care.nothing_falls_due_before_the') }}</p>
            @else
                <div class="care-table"><table class="log">
                    <thead><tr><th scope="col">{{ __('page/log.care.what') }}</th><th scope="col">{{ __('page/log.care.how_often') }}</th><th scope="col">{{ __('page/log.care.counts_from') }}</th><th scope="col">{{ __('page/log.care.due') }}</th><th scope="col"></th></tr></thead>
                    <tbody>
                        @foreach ($lines as $line)
                            <tr class="due-{{ \Illuminate\Support\Str::slug($line->state->value, '-', 'en', ['_' => '-']) }}">
                                <th scope="row">{{ \App\Words\ServiceWords::what($line->due->task) }}<br><span class="who">{{ \App\Words\ServiceWords::how($line->due->task) }}</span></th>
                                <td>{{ $line->every() }}</td>
                                <td>{{ $line->since() }}@if ($line->lacksDistance())<br><span class="who">{{ __('page/log.care.no_distance_read_then_by') }}</span>@endif</td>
                                <td><strong>{{ ucfirst(\App\Words\ServiceWords::due($line->state)) }}</strong><br>{{ $line->when() }}</td>
                                <td><button class="button is-small" name="task" value="{{ $line->due->task->key }}" aria-label="{{ __('page/log.care.done', ['task' => \App\Words\ServiceWords::what($line->due->task)]) }}">{{ __('page/log.care.record_as_done') }}</button></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table></div>
            @endif
        </form>
        @if ($rig->careRecords->isNotEmpty())
            <section class="card overflow-x-auto" aria-label="{{ __('page/log.care.service_record') }}">
                <table class="log">
                    <caption class="text-left font-bold p-3">{{ __('page/log.care.service_record') }}</caption>
                    <tbody>
                        @foreach ($rig->careRecords->reverse() as $record)
                            <tr @class(['is-superseded' => $record->withdrawn_at])>
                                <td>{{ $record->done_at->isoFormat('D MMM YYYY HH:mm') }}</td>
                                <td class="height">{{ \App\Words\ServiceWords::line($record->task, $tasks) }}@if ($record->found !== null)<br><span class="sentence" data-found>{{ $record->found }}</span>@endif</td>
                                <td>{{ $record->typed === null ? '' : ($record->typed.' = '.$person->roadUnit()->distance($record->driven_km)) }}</td>
                                <td>{{ $record->user->name }}</td>
                                <td>@if ($record->withdrawn_at){{ __('page/log.care.undone', ['withdrawn_at' => $record->withdrawn_at->isoFormat('D MMM')]) }}@else<form method="post" action="{{ route('care.withdraw', [$rig, $record->id]) }}">@csrf<button class="button is-small">{{ __('page/log.care.undo') }}</button></form>@endif</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        @endif
    </main>
</x-layout>
