<x-layout title="Log" here="log">
    <main class="yard">
        <form class="yard-head" role="search" aria-label="Jobs">
            <h1>{{ $search->open ? 'Log, open jobs' : 'Log' }}</h1>
            <span class="shelves"><a href="{{ route('files.take') }}">Import a job</a><a href="{{ route('shop') }}">Shop and backups</a></span>
            <span class="find"><label for="find" class="sr-only">Find</label><input id="find" name="find" value="{{ $search->find }}" placeholder="Title, vehicle, trailer or hitch" autocomplete="off">@if ($search->open)<input type="hidden" name="open" value="1">@endif<button class="button is-first">Find</button></span>
        </form>
        @if ($search->jobs()->isEmpty())
            <div class="card empty">
                <p class="text-xl font-bold">{{ $search->find === '' ? 'No job yet.' : 'No job holds “'.$search->find.'”.' }}</p>
                <p>Searches the job's title and the names of its vehicle, trailer and hitch.</p>
                @if ($search->find !== '')<a class="button" href="{{ route('log') }}">All jobs</a>@endif
            </div>
        @else
            <div class="card overflow-x-auto">
                <table class="log">
                    <thead><tr><th scope="col">Job</th><th scope="col">Rig</th><th scope="col">Booked</th><th scope="col">Setting</th><th scope="col">State</th></tr></thead>
                    <tbody>
                        @foreach ($search->jobs() as $job)
                            <tr>
                                <td><a href="{{ route('jobs.resume', $job) }}">{{ $job->title }}</a></td>
                                <td><a href="{{ route('log.rig', $job->rig_id) }}">{{ $job->rig->title() }}</a> <span class="who">{{ $job->rig->hitch->name }}</span></td>
                                <td class="is-date">{{ $job->booked_on->format('j M Y') }}</td>
                                <td class="is-date">{{ $search->setting($job) ?: '–' }}</td>
                                <td>{{ $job->handed_over_at ? 'Handed over' : 'Open' }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <p class="tape-foot">
            @if ($search->page > 1)<a class="button" href="{{ route('log', ['find' => $search->find, 'page' => $search->page - 1, 'open' => $search->open ?: null]) }}">Later ones</a>@endif
            @if ($search->hasMore())<a class="button" href="{{ route('log', ['find' => $search->find, 'page' => $search->page + 1, 'open' => $search->open ?: null]) }}">Earlier ones</a>@endif
        </p>
    </main>
</x-layout>
