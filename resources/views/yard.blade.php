<x-layout :title="__('page/top.yard.yard')" sheet="day" here="yard">
    <main class="yard">
        <div class="yard-head">
            <h1>{{ __('page/top.yard.yard') }} <a class="font-normal text-muted name-link" href="{{ route('day') }}" title="{{ __('page/top.yard.day') }}">· {{ $today }}</a></h1>
            <a class="button" href="{{ route('new-loads') }}">{{ __('page/top.yard.new_load_on_a_hitch') }}</a>
            <a class="button is-first" href="{{ route('jobs.create') }}">{{ __('page/top.yard.start_a_job') }}</a>
        </div>
        @if ($day !== null)
            <section class="card day-line" aria-label="{{ __('page/day.show.line') }}">
                <h2><a class="name-link" href="{{ route('day') }}">{{ __('page/top.yard.day') }}</a></h2>
                @if ($day->next() !== '')<p class="do-next">{{ $day->next() }}</p>@endif
                @foreach ($day->warnings() as $warning)<p class="do-next is-over">{{ $warning }}</p>@endforeach
                @include('day.line', ['page' => $day])
                @foreach ($day->drawn() as $one)<form method="post" action="{{ route('day.put', $one['job']) }}" hidden data-slot="{{ $one['job']->id }}">@csrf<input type="hidden" name="back" value="yard"><input type="hidden" name="at" value=""><input type="hidden" name="bay" value=""><input type="hidden" name="person" value="{{ $one['slot']->person }}"></form>@endforeach
            </section>
        @endif
        @if ($notes->isNotEmpty())
            <section class="card due" aria-label="{{ __('page/top.yard.notes') }}">
                <div class="due-head"><h2>{{ __('page/top.yard.notes') }}</h2></div>
                @foreach ($notes as $note)
                    <form method="post" action="{{ route('owner-notes.seen', $note) }}" class="owner-note">@csrf<p><a href="{{ route('card', $note->job) }}">{{ $note->job->title }}</a> <span class="who">{{ $note->sent_at->isoFormat('D MMM HH:mm') }}</span><br>{{ $note->note }}</p>@can('work')<button class="button is-small">{{ __('page/top.yard.seen') }}</button>@endcan</form>
                @endforeach
            </section>
        @endif
        @forelse ($open as $card)
            {!! $card !!}
        @empty
            <div class="card empty">
                <p class="text-xl font-bold">{{ __('page/top.yard.no_job_is_open') }}</p>
                <p>{{ __('page/top.yard.a_job_pairs_a_vehicle') }}</p>
                <a class="button" href="{{ route('jobs.create') }}">{{ __('page/top.yard.start_the_first_one') }}</a>
            </div>
        @endforelse
        @if ($moreOpen > 0)<p class="sentence">{{ trans_choice('page/top.yard.more_open', $moreOpen, ['count' => $moreOpen]) }} <a href="{{ route('log', ['open' => 1]) }}">{{ __('page/top.yard.all_open_jobs') }}</a></p>@endif
        @if ($due !== [])
            <section class="card due" aria-label="{{ __('page/top.yard.due') }}">
                <div class="due-head"><h2>{{ __('page/top.yard.due') }}</h2><a class="button is-small" href="{{ route('care.calendar') }}">{{ __('page/top.yard.calendar_file') }}</a></div>
                @foreach ($due as [$rig, $lines])
                    <p><a href="{{ route('log.care', $rig) }}">{{ $rig->title() }}</a> <span>@foreach ($lines as $line)<span class="due-{{ $line->state === \Yoke\Workshop\Service\DueState::Over ? 'over' : 'soon' }}">{{ \App\Words\ServiceWords::what($line->due->task) }}, {{ \App\Words\ServiceWords::due($line->state) }}: {{ $line->when() }}</span>{{ $loop->last ? '' : '; ' }}@endforeach</span></p>
                @endforeach
            </section>
        @endif
        @if ($finished !== [])
            <h2>{{ __('page/top.yard.handed_over') }}</h2>
            @foreach ($finished as $card){!! $card !!}@endforeach
        @endif
    </main>
</x-layout>
