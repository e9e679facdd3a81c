<x-layout :title="__('page/log.index.log')" here="log">
    <main class="yard">
        <form class="yard-head" role="search" aria-label="{{ __('page/log.index.jobs') }}">
            <h1>{{ $search->open ? __('page/log.index.log_open_jobs') : __('page/log.index.log') }}</h1>
            <span class="shelves">@can('work')<a href="{{ route('files.take') }}">{{ __('page/log.index.import_a_job') }}</a>@endcan @can('own')<a href="{{ route('shop') }}">{{ __('page/log.index.shop_and_backups') }}</a>@endcan</span>
            <span class="find"><label for="find" class="sr-only">{{ __('page/log.index.find') }}</label><input id="find" name="find" value="{{ $search->find }}" placeholder="{{ __('page/log.index.title_vehicle_trailer_or_hitch') }}" autocomplete="off">@if ($search->open)<input type="hidden" name="open" value="1">@endif<button class="button is-first">{{ __('page/log.index.find') }}</button></span>
        </form>
        @if ($search->jobs()->isEmpty())
            <div class="card empty">
                <p class="text-xl font-bold">{{ $search->find === '' ? __('page/log.index.no_job_yet') : __('page/log.index.no_job_holds', ['find' => $search->find]) }}</p>
                <p>{{ __('page/log.index.searches_the_jobs_title_and') }}</p>
                @if ($search->find !== '')<a class="button" href="{{ route('log') }}">{{ __('page/log.index.all_jobs') }}</a>@endif
            </div>
        @else
            <div class="card overflow-x-auto">
                <table class="log">
                    <thead><tr><th scope="col">{{ __('page/log.index.job') }}</th><th scope="col">{{ __('page/log.index.rig') }}</th><th scope="col">{{ __('page/log.index.booked') }}</th><th scope="col">{{ __('page/log.index.setting') }}</th><th scope="col">{{ __('page/log.index.state') }}</th></tr></thead>
                    <tbody>
                        @foreach ($search->jobs() as $job)
                            <tr>
                                <td><a href="{{ route('jobs.resume', $job) }}">{{ $job->title }}</a></td>
                                <td><a href="{{ route('log.rig', $job->rig_id) }}">{{ $job->rig->title() }}</a> <span class="who">{{ $job->rig->hitch->name }}</span></td>
                                <td class="is-date">{{ $job->booked_on->isoFormat('D MMM YYYY') }}</td>
                                <td class="is-date">{{ $search->setting($job) ?: '–' }}</td>
                                <td>{{ $job->handed_over_at ? __('page/log.index.handed_over') : __('page/log.index.open') }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <p class="tape-foot">
            @if ($search->page > 1)<a class="button" href="{{ route('log', ['find' => $search->find, 'page' => $search->page - 1, 'open' => $search->open ?: null]) }}">{{ __('page/log.index.later_ones') }}</a>@endif
            @if ($search->hasMore())<a class="button" href="{{ route('log', ['find' => $search->find, 'page' => $search->page + 1, 'open' => $search->open ?: null]) }}">{{ __('page/log.index.earlier_ones') }}</a>@endif
        </p>
    </main>
</x-layout>
