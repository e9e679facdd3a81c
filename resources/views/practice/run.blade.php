@php($now = $page->run->situation())
<x-layout :title="__('page/practice.run.practice').', '.$page->title()" here="practice" sheet="practice">
    <main class="practice-run" data-practice>
        <div class="practice-strip">
            <h1>{{ $page->title() }}</h1>
            <p><span>{{ __('page/practice.run.code', ['code' => $page->played->kept->code]) }}</span> <span>{{ \App\Words\PracticeWords::level($page->run->exercise->code->level) }}</span></p>
            <p class="practice-count"><strong>{{ $page->minutes() }}</strong> {{ __('page/practice.run.minutes') }}</p>
            <p class="practice-count"><strong>{{ count($page->run->hookUps()) }}</strong> {{ trans_choice('page/practice.run.hook_ups', count($page->run->hookUps())) }}</p>
        </div>
        <section class="card drawing practice-drawing" aria-label="{{ __('page/practice.run.rig') }}">
            @php($elevation = $page->elevation())
            @php($sheet = \Yoke\Showing\Drawing\Canvas::around($elevation, 3.9))
            <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="[$elevation->latest()]" role="img" :aria-label="__('page/practice.run.as_it_stands').' '.$page->stands()" />
            <p class="practice-stands">{{ $page->stands() }}</p>
        </section>
        <section class="card close-up-card" aria-label="{{ __('page/practice.run.hitch') }}"><x-close-up :panel="$page->setting" /></section>
        <section class="card practice-says" aria-label="{{ __('page/practice.run.says') }}" aria-live="polite" data-practice-says>
            @error('act')<p class="sentence" role="alert" data-tone="stop">{{ $message }}</p>@enderror
            @if ($page->said() !== '')<p @class(['is-hint' => $page->isHint()])>{{ $page->said() }}</p>@elseif (! $errors->any())<p>{{ $page->run->exercise->code->level->startsCoupled() ? __('page/practice.run.first_coupled') : __('page/practice.run.first') }}</p>@endif
            @if ($page->advice() !== '')<p class="practice-advice"><b>{{ __('page/practice.run.next') }}</b> {{ $page->advice() }} @if ($page->verdict() !== '')<span>{{ $page->verdict() }}</span>@endif</p>@endif
            @if ($now->isOnJack())<p class="caution"><x-warning-sign />{{ __('page/practice.run.on_jack') }}</p>@endif
        </section>
        @include('practice.tape')
        <section class="card practice-acts" aria-label="{{ __('page/practice.run.do') }}">
            <form method="post" action="{{ route('practice.act', $page->played->kept) }}" class="practice-moves" data-needs-connection data-practice-form>
                @csrf @include('practice.stands')
                @foreach ($page->moves() as $move)<button class="button is-small" name="kind" value="{{ $move->value }}">{{ __("practice.act.{$move->value}") }}</button>@endforeach
            </form>
            <div class="practice-settings">
                @foreach ($page->setting->selects() as $select)
                    <form method="post" action="{{ route('practice.act', $page->played->kept) }}" data-needs-connection data-practice-form>
                        @csrf @include('practice.stands')<input type="hidden" name="kind" value="set">
                        <label for="set-{{ $select['key'] }}">{{ $select['label'] }}</label>
                        <select id="set-{{ $select['key'] }}" name="steps[{{ $select['key'] }}]" data-practice-set>@foreach ($select['options'] as [$step, $says])<option value="{{ $step }}" @selected(abs($step - $select['on']) < 1e-9)>{{ $says }}</option>@endforeach</select>
                        <button class="button is-small">{{ __('practice.act.set') }}</button>
                    </form>
                @endforeach
                @if ($page->run->exercise->adjusters->has(\Yoke\Rig\Adjuster\Role::HeadHeight))
                    <form method="post" action="{{ route('practice.act', $page->played->kept) }}" data-needs-connection data-practice-form>@csrf @include('practice.stands')<button class="button is-small" name="kind" value="turn_shank">{{ __('practice.act.turn_shank') }}</button></form>
                @endif
            </div>
            <form method="post" action="{{ route('practice.act', $page->played->kept) }}" class="practice-looks" data-needs-connection data-practice-form>
                @csrf @include('practice.stands')<input type="hidden" name="kind" value="look">
                <span>{{ __('page/practice.run.look_at') }}</span>
                @foreach (\Yoke\Proving\Practice\Exercise\Place::cases() as $place)<button class="button is-small" name="place" value="{{ $place->value }}">{{ __("practice.place.{$place->value}.name") }}</button>@endforeach
            </form>
            <div class="practice-rest">
                <form method="post" action="{{ route('practice.act', $page->played->kept) }}" data-needs-connection data-practice-form>
                    @csrf @include('practice.stands')<input type="hidden" name="kind" value="put_right">
                    <label class="sr-only" for="remedy">{{ __('practice.act.put_right') }}</label>
                    <select id="remedy" name="remedy">@foreach ($page->run->exercise->remedies() as $remedy)<option value="{{ $remedy->value }}">{{ __("practice.remedy.{$remedy->value}") }}</option>@endforeach</select>
                    <button class="button is-small">{{ __('practice.act.put_right') }}</button>
                </form>
                <form method="post" action="{{ route('practice.act', $page->played->kept) }}" class="practice-scales" data-needs-connection data-practice-form>
                    @csrf @include('practice.stands')
                    @foreach ($page->scales() as $scale)<button class="button is-small" name="kind" value="{{ $scale->value }}">{{ __("practice.act.{$scale->value}") }}</button>@endforeach
                    @if ($page->hasHints())<button class="button is-small" name="kind" value="hint">{{ __('practice.act.hint') }}</button>@endif
                    <button class="button is-small" name="kind" value="drive_off">{{ __('practice.act.drive_off') }}</button>
                </form>
            </div>
        </section>
        @if ($page->taping !== null && $page->run->canTape())<div class="practice-pad" role="group" aria-label="{{ __('tape.pad') }}"><x-pad :print="$page->printer()" /></div>@endif
        @include('practice.heights')
    </main>
</x-layout>
