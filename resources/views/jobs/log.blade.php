<x-layout :title="__('page/jobs.log.tape_log_2', ['title' => $job->title])">
    <main class="yard">
        <div class="yard-head">
            <h1>{{ __('page/jobs.log.tape_log') }} <span class="font-normal text-muted">· {{ $job->title }}</span></h1>
            <a class="button" href="{{ route('jobs.resume', $job) }}">{{ __('page/jobs.log.back_to_the_bench') }}</a>
        </div>
        <p class="sentence">{{ __('page/jobs.log.every_reading_stays_as_it') }}</p>
        @if ($readings->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/jobs.log.nothing_is_taped_yet') }}</p><p>{{ __('page/jobs.log.the_first_height_you_save') }}</p></div>
        @else
            <div class="card overflow-x-auto">
                <table class="log">
                    <thead><tr><th>{{ __('page/jobs.log.when') }}</th><th>{{ __('page/jobs.log.who') }}</th><th>{{ __('page/jobs.log.stance') }}</th><th>{{ __('page/jobs.log.fender') }}</th><th>{{ __('page/jobs.log.typed') }}</th><th>{{ __('page/jobs.log.height') }}</th><th>{{ __('page/jobs.log.before_it') }}</th><th>{{ __('page/jobs.log.state') }}</th></tr></thead>
                    <tbody>
                        @foreach ($readings as $reading)
                            <tr @class(['is-superseded' => $reading->successor])>
                                <td>{{ $reading->taken_at->isoFormat('D MMM YYYY HH:mm') }}</td>
                                <td>{{ $reading->user->name }}@if ($reading->import)<br><span class="who">{{ $reading->import->user === null ? __('page/jobs.log.came_with', ['file' => $reading->import->file, 'at' => $reading->import->imported_at->isoFormat('D MMM YYYY')]) : __('page/jobs.log.came_with_by', ['file' => $reading->import->file, 'at' => $reading->import->imported_at->isoFormat('D MMM YYYY'), 'person' => $reading->import->user->name]) }}</span>@endif</td>
                                <td>{{ \App\Words\RigWords::stance($reading->stance) }}</td>
                                <td>{{ \App\UseCases\Tape\Place::ofReading($reading)->label() }}</td>
                                <td>{{ $reading->typed === '' ? __('page/jobs.log.emptied') : $reading->typed }}</td>
                                <td class="height">{{ $reading->typedLength() ? $person->lengthPrinter()->nearest($reading->typedLength()->length()) : '–' }}</td>
                                <td>{{ $reading->settling === \Yoke\Measuring\Readings\Height\Settling::Rolled ? __('page/jobs.log.rolled') : __('page/jobs.log.not_rolled') }}</td>
                                <td>{{ $reading->successor ? __('page/jobs.log.superseded', ['at' => $reading->successor->taken_at->format('H:i')]) : ($reading->height_mm === null ? __('page/jobs.log.undone') : __('page/jobs.log.stands')) }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </main>
</x-layout>
