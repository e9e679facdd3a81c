@php($stance = $page->station->stance())
@php($errors = $errors->getBag('tape'))
<h1 class="sr-only">{{ \App\Words\StationWords::title($page->station) }}</h1>
<p class="caution"><x-warning-sign />{{ \App\Words\StationWords::caution($page->station, $page->analysed->described->sheets->family()) }}</p>
@includeWhen($page->gauge() !== null && $stance !== \Yoke\Rig\Parts\Stance::Alone, 'bench.gauge')
@includeWhen($stance === \Yoke\Rig\Parts\Stance::Carried, 'bench.setting')
<form method="post" action="{{ route('tape.store', [$page->job, $page->station->value]) }}" class="contents" data-tape
      data-preview="{{ route('tape.preview', [$page->job, $page->station->value]) }}" @if ($page->look->isCalling) data-call data-pause="{{ $page->viewer->callingPreferences()->pause }}" @if ($page->viewer->callingPreferences()->aloud) data-aloud @endif @endif
      data-draft="job-{{ $page->job->id }}-{{ $stance->value }}-{{ $page->job->roundOf($stance) }}" novalidate>
    @csrf
    <input type="hidden" name="round" value="{{ $page->job->roundOf($stance) }}">
    <input type="hidden" name="show" value="{{ $page->look->tab->value }}">
    @if ($page->look->isCalling)<input type="hidden" name="call" value="1">@endif
    <input type="hidden" name="height" value="{{ $page->look->magnification->value }}">
    <div @class(['tape-fields', 'is-sided' => $page->job->each_side])>
        @foreach (\App\UseCases\Tape\Place::fieldsOf($stance, $page->job->each_side) as $place)
            @php($name = $place->field())
            <div class="field">
                <label for="{{ $name }}">{{ $place->label() }}</label>
                <input id="{{ $name }}" name="typed[{{ $name }}]" value="{{ old("typed.$name", $page->tape()->shown($place)) }}" data-field="{{ $name }}"
                       inputmode="{{ $page->print->fineness() === \Yoke\Foundation\Units\Text\Fineness::Millimetre ? 'decimal' : 'text' }}" autocomplete="off" autocapitalize="off" spellcheck="false" enterkeyhint="next" placeholder="{{ $page->tape()->example($place) }}"
                       aria-describedby="{{ $name }}-says" @if ($errors->has($name)) aria-invalid="true" @endif @if ($loop->first) autofocus @endif>
                @if ($page->look->isCalling)<p class="called-back" data-back="{{ $name }}" aria-live="polite">{{ $page->tape()->back($place) }}</p>@endif
                <input type="hidden" name="based_on[{{ $name }}]" value="{{ old("based_on.$name", $page->tape()->standing($place)) }}">
                @if ($errors->has($name))
                    <p class="sentence" id="{{ $name }}-says" data-tone="stop" aria-live="polite">{{ $errors->first($name) }}</p>
                @else
                    <p class="sentence" id="{{ $name }}-says" data-tone="{{ $page->tape()->cautionAt($place) !== '' ? 'caution' : 'plain' }}" aria-live="polite">{{ $page->tape()->cautionAt($place) ?: $page->tape()->worth($place) }}</p>
                @endif
            </div>
        @endforeach
    </div>
    <x-pad :print="$page->print" />
    <div class="tape-foot">
        <button class="button is-first">{{ __('tape.save') }}</button>
        <label class="tick"><input type="checkbox" name="rolled" value="1" @checked(old('rolled', $page->tape()->isRolled($stance)))> {{ __('tape.rolled') }}</label>
        <details class="how" data-how @if ($stance !== \Yoke\Rig\Parts\Stance::Carried) open @endif>
            <summary>{{ __('station.steps') }}</summary>
            @include('bench.steps')
        </details>
        <button type="button" class="button is-small" data-pad-toggle aria-expanded="false" aria-controls="pad">{{ __('tape.pad') }}</button>
        <button form="sides" class="button is-small">{{ $page->job->each_side ? __('tape.one_height') : __('tape.left_and_right') }}</button>
        @if ($stance !== \Yoke\Rig\Parts\Stance::Carried && $page->heights->holdsBothEndsOf($stance))<button form="again" class="button is-small">{{ __('tape.again') }}</button>@endif
        <a class="button is-small" href="?{{ http_build_query(['call' => $page->look->isCalling ? null : 1]) }}">{{ $page->look->isCalling ? __('calling.close') : __('calling.open') }}</a>
        <span class="saved-at" data-saved-at role="status"></span>
    </div>
</form>
<form method="post" id="sides" action="{{ route('stations.sides', [$page->job, $page->station->value]) }}" hidden>
    @csrf
    <input type="hidden" name="each_side" value="{{ $page->job->each_side ? 0 : 1 }}">
</form>
<form method="post" id="again" action="{{ route('rounds.store', [$page->job, $page->station->value]) }}" hidden>
    @csrf
    <input type="hidden" name="again" value="1">
</form>
@includeWhen($page->look->isCalling, 'bench.calling')
