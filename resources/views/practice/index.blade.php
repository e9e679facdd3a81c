<x-layout :title="__('page/practice.index.practice')" here="practice" sheet="practice">
    <main class="practice-yard">
        <div class="yard-head">
            <h1>{{ __('page/practice.index.practice') }}</h1>
            <a class="button is-small" href="{{ route('practice.record') }}">{{ __('page/practice.index.record') }}</a>
            @can('own')<a class="button is-small" href="{{ route('practice.team') }}">{{ __('page/practice.index.team') }}</a>@endcan
        </div>
        <p class="sentence">{{ __('page/practice.index.about') }}</p>
        @if ($page->open() !== [])
            <section class="card practice-open" aria-label="{{ __('page/practice.index.open') }}">
                <h2>{{ __('page/practice.index.open') }}</h2>
                @foreach ($page->open() as $run)
                    <a class="button is-small" href="{{ route('practice.run', $run) }}">{{ __('page/practice.index.go_on', ['code' => $run->code, 'what' => $run->rig_name ?? \App\Words\PracticeWords::level($run->exerciseCode()->level)]) }}</a>
                @endforeach
            </section>
        @endif
        <section class="card practice-next" aria-label="{{ __('page/practice.index.next') }}">
            <h2>{{ __('page/practice.index.next') }}</h2>
            @php($next = $page->next())
            <p class="practice-what"><strong>{{ \App\Words\PracticeWords::level($next->level) }}</strong> {{ __('practice.level.'.$next->level->value.'.about') }}</p>
            @if ($page->missed() !== [])<p class="sentence">{{ __('page/practice.index.because', ['missed' => implode(', ', array_map('lcfirst', array_slice($page->missed(), 0, 3)))]) }}</p>@endif
            <form method="post" action="{{ route('practice.start') }}" class="practice-start" data-needs-connection>
                @csrf<x-from-here />
                <input type="hidden" name="by" value="code"><input type="hidden" name="code" value="{{ $next->text() }}">
                @include('practice.coach', ['for' => 'next'])
                <button class="button is-first">{{ __('page/practice.index.start') }}</button>
            </form>
        </section>
        <section class="card" aria-label="{{ __('page/practice.index.choose') }}">
            <h2>{{ __('page/practice.index.choose') }}</h2>
            <form method="post" action="{{ route('practice.start') }}" class="practice-levels" data-needs-connection>
                @csrf<x-from-here />
                <input type="hidden" name="by" value="level">
                @include('practice.coach', ['for' => 'level'])
                @foreach (\App\Screens\Practice\PracticeIndex::levels() as $level)
                    <button class="practice-level" name="level" value="{{ $level->value }}"><b>{{ $level->value }}</b><span><strong>{{ \App\Words\PracticeWords::level($level) }}</strong> {{ __("practice.level.{$level->value}.about") }}</span></button>
                @endforeach
                @error('level')<p class="sentence" role="alert" data-tone="stop">{{ $message }}</p>@enderror
            </form>
        </section>
        <section class="card" aria-label="{{ __('page/practice.explain.heading') }}">
            <h2>{{ __('page/practice.explain.heading') }}</h2>
            <p class="sentence">{{ __('page/practice.explain.about') }}</p>
            <div class="explainer-links">@foreach (\Yoke\Showing\Explainer\Topic::cases() as $topic)<a class="button is-small" href="{{ route('practice.explain', $topic->value) }}">{{ \App\Words\ExplainerWords::title($topic) }}</a>@endforeach</div>
        </section>
        <div class="practice-pair">
            <section class="card" aria-label="{{ __('page/practice.index.by_code') }}">
                <h2>{{ __('page/practice.index.by_code') }}</h2>
                <p class="sentence">{{ __('page/practice.index.code_about') }}</p>
                <form method="post" action="{{ route('practice.start') }}" class="practice-start" data-needs-connection>
                    @csrf<x-from-here />
                    <input type="hidden" name="by" value="code">
                    <div class="field"><label for="code">{{ __('page/practice.index.code') }}</label><input id="code" name="code" value="{{ old('code') }}" inputmode="numeric" autocomplete="off" @error('code') aria-invalid="true" aria-describedby="code-says" @enderror></div>
                    @error('code')<p class="sentence" id="code-says" role="alert" data-tone="stop">{{ $message }}</p>@enderror
                    @include('practice.coach', ['for' => 'code'])
                    <button class="button">{{ __('page/practice.index.start_code') }}</button>
                </form>
            </section>
            <section class="card" aria-label="{{ __('practice.level.5.title') }}">
                <h2>{{ __('practice.level.5.title') }}</h2>
                <p class="sentence">{{ __('practice.level.5.about') }}</p>
                <form method="post" action="{{ route('practice.start') }}" class="practice-start" data-needs-connection>
                    @csrf<x-from-here />
                    <input type="hidden" name="by" value="rig">
                    <div class="field"><label for="rig">{{ __('page/practice.index.rig') }}</label>
                        <select id="rig" name="rig">@foreach (\App\Screens\Practice\PracticeIndex::rigs() as $rig)<option value="{{ $rig->id }}" @selected((string) $rig->id === old('rig'))>{{ $rig->title() }}</option>@endforeach</select></div>
                    @error('rig')<p class="sentence" role="alert" data-tone="stop">{{ $message }}</p>@enderror
                    @include('practice.coach', ['for' => 'rig'])
                    <button class="button">{{ __('page/practice.index.start_rig') }}</button>
                </form>
            </section>
        </div>
        @if ($page->over() !== [])
            <section class="card" aria-label="{{ __('page/practice.index.played') }}">
                <h2>{{ __('page/practice.index.played') }}</h2>
                @include('practice.played')
            </section>
        @endif
    </main>
</x-layout>
