<details class="levelling" @if ($question->isAsked()) open @endif>
<summary>{{ __('page/bench.levelling.level_the_trailer') }}</summary>
<form method="get">
    <div class="levelling-fields">
        @foreach (\App\UseCases\Forms\LevellingQuestion::FIELDS as $field)
            @php($problem = $question->problems[$field] ?? '')
            <div class="field">
                <label for="{{ $field }}">{{ __('screen.levelling_field.'.$field) }}</label>
                <input id="{{ $field }}" name="{{ $field }}" value="{{ $question->typed($field) }}" autocomplete="off" aria-describedby="{{ $field }}-says" @if ($problem !== '') aria-invalid="true" @endif>
                <p class="sentence" id="{{ $field }}-says" data-tone="stop">{{ $problem }}</p>
            </div>
        @endforeach
    </div>
    <div class="tape-foot">
        <button class="button is-small">{{ __('page/bench.levelling.which_way_to_jack') }}</button>
        @if ($question->answer() !== '')<p class="do-next" role="status">{{ $question->answer() }}</p>@endif
    </div>
</form>
</details>
