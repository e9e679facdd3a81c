<x-layout :title="__('page/day.show.day')" sheet="day" here="yard">
    <main class="yard day">
        <div class="yard-head"><h1>{{ $page->title() }}</h1>
            <nav class="shelves" aria-label="{{ __('page/day.show.day') }}"><a href="{{ route('day', $page->day->subDay()->toDateString()) }}">{{ __('page/day.show.before') }}</a><a href="{{ route('day') }}" @if ($page->day->isToday()) aria-current="page" @endif>{{ __('page/day.show.today') }}</a><a href="{{ route('day', $page->day->addDay()->toDateString()) }}">{{ __('page/day.show.after') }}</a></nav>
            <a class="button" href="{{ route('calls') }}">{{ __('page/day.show.calls') }}</a><a class="button" href="{{ route('calendar') }}">{{ __('page/day.show.calendar') }}</a>
        </div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @if ($page->jobs->isEmpty())
            <div class="card empty"><p>{{ __('page/day.show.no_jobs') }}</p><a class="button" href="{{ route('jobs.create') }}">{{ __('page/day.show.start_a_job') }}</a></div>
        @else
            @if ($page->next() !== '')<p class="do-next">{{ $page->next() }}</p>@endif
            @foreach ($page->warnings() as $warning)<p class="do-next is-over">{{ $warning }}</p>@endforeach
            <section class="card day-line" aria-label="{{ __('page/day.show.line') }}">@include('day.line')<p class="sentence">{{ __('page/day.show.drag') }}</p></section>
            @foreach ($page->line->slots as $slot)
                @php([$job, $bag] = [$page->job($slot), $errors->getBag("slot-{$slot->job}")])
                <form method="post" action="{{ route('day.put', $job) }}" class="card day-slot" aria-label="{{ $job->title }}" data-slot="{{ $job->id }}">
                    @csrf
                    <p><a class="name-link" href="{{ route('jobs.resume', $job) }}">{{ $job->title }}</a><span class="who">{{ \App\Words\DayWords::state($slot->state) }}@if ($slot->state !== \Yoke\Workshop\Day\SlotState::Done) · <span data-figure="minutes">{{ \App\Words\DayWords::toGo($slot->time) }}</span>@endif</span></p>
                    @php($field = fn (string $name, string $kept): string => $bag->any() ? (string) old($name, $kept) : $kept)
                    <div class="field"><label for="at-{{ $job->id }}">{{ __('page/day.show.time') }}</label><input id="at-{{ $job->id }}" name="at" value="{{ $field('at', \App\Words\DayWords::clock($slot->start)) }}" inputmode="numeric" autocomplete="off" placeholder="13:45">@if ($bag->has('at'))<p class="sentence" data-tone="stop" role="alert">{{ $bag->first('at') }}</p>@endif</div>
                    <div class="field"><label for="bay-{{ $job->id }}">{{ __('page/day.show.bay') }}</label><input id="bay-{{ $job->id }}" name="bay" value="{{ $field('bay', (string) $slot->bay) }}" autocomplete="off">@if ($bag->has('bay'))<p class="sentence" data-tone="stop" role="alert">{{ $bag->first('bay') }}</p>@endif</div>
                    <div class="field"><label for="person-{{ $job->id }}">{{ __('page/day.show.person') }}</label><select id="person-{{ $job->id }}" name="person">@foreach ($page->people() as $id => $name)<option value="{{ $id }}" @selected((string) $id === $field('person', (string) $slot->person))>{{ $name }}</option>@endforeach</select></div>
                    <div class="field"><label for="day-{{ $job->id }}">{{ __('page/day.show.on_day') }}</label><input id="day-{{ $job->id }}" name="day" type="date" value="{{ $field('day', $job->booked_on->toDateString()) }}"></div>
                    @can('work')<button class="button is-small">{{ __('page/day.show.save') }}</button>@endcan
                </form>
            @endforeach
        @endif
    </main>
</x-layout>
