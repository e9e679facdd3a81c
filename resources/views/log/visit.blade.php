@php($words = new \App\Words\SettingWords($job->rigAsWorked()->specified()))
<x-layout :title="__('page/log.visit.return_visit_2', ['title' => $job->title])" here="log">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/log.visit.return_visit') }} <span class="font-normal text-muted">· {{ $job->rig->title() }}</span></h1><a class="button" href="{{ route('log.rig', $job->rig_id) }}">{{ __('page/log.visit.to_its_history') }}</a></div>
        <div class="visit">
            <form class="card visit-form" aria-label="{{ __('page/log.visit.what_travels_now') }}">
                <h2>{{ __('page/log.visit.what_travels_now') }}</h2>
                <p class="sentence">{{ __('page/log.visit.load_states_are_kept_in') }} <a href="{{ route('loads', $job) }}">{{ __('page/log.visit.load_planner') }}</a>.</p>
                @foreach ([null, ...$job->rig->loadStates] as $one)
                    <label class="tick"><input type="radio" name="state" value="{{ $one?->key() }}" @checked($state?->key() === $one?->key())> {{ $one === null ? __('page/log.visit.as_last_time').($job->rigAsWorked()->loadState() === null ? '' : ': '.$job->rigAsWorked()->loadState()) : $one->name }}</label>
                @endforeach
                <button class="button">{{ __('page/log.visit.show_what_changes') }}</button>
            </form>
            <section class="card visit-start" aria-label="{{ __('page/log.visit.where_to_start') }}">
                <h2>{{ __('page/log.visit.where_to_start') }}</h2>
                @if ($visit->leftAt() === null)
                    <p class="do-next">{{ __('page/log.visit.no_setting_was_recorded_at', ['title' => $job->title]) }}</p>
                @else
                    <p class="do-next is-in-range"><strong>{{ __('page/log.visit.start_at', ['corrected' => $words->of($visit->corrected())]) }}</strong> {{ __('page/log.visit.left_at', ['left_at' => $words->of($visit->leftAt()), 'title' => $job->title, 'booked_on' => $job->booked_on->isoFormat('D MMM YYYY')]) }}</p>
                    @if ($visit->isBeyondSmallSteps())<p class="do-next is-over">{{ __('page/log.visit.no_small_step_brings_this') }}</p>@endif
                    <ul>@foreach ($visit->since()->causes() as $cause)<li>{{ $cause }}</li>@endforeach</ul>
                    <p class="sentence">{{ __('page/log.visit.from_last_times_readings_tape', ['in_all' => $visit->since()->causes() === [] ? __('page/log.visit.the_recorded_load_is_the') : $visit->since()->inAll()]) }}</p>
                @endif
                <form method="post" data-needs-connection action="{{ route('log.begin', $job) }}">
                    @csrf
                    <input type="hidden" name="state" value="{{ $state?->key() }}">
                    <x-typed name="title" :label="__('page/log.visit.what_is_it_for_whom')" :value="old('title', __('page/log.visit.usual_title', ['trailer' => $job->rig->trailer->name]))" />
                    <button class="button is-first">{{ __('page/log.visit.start_return_visit') }}</button>
                </form>
            </section>
        </div>
    </main>
</x-layout>
