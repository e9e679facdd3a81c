<form method="get" class="copied-height">
    <div class="one-field">
        <div class="field">
            <label for="bar_at_head">{{ __('bars.copied.label') }}</label>
            <input id="bar_at_head" name="bar_at_head" value="{{ $copied->typed() }}" autocomplete="off" aria-describedby="bar_at_head-says" @if ($copied->problem !== '') aria-invalid="true" @endif>
        </div>
        <button class="button is-small">{{ __('bars.copied.ask') }}</button>
    </div>
    <p @class(['do-next' => $copied->answer() !== '', 'sentence' => $copied->answer() === '']) id="bar_at_head-says" role="status" @if ($copied->problem !== '') data-tone="stop" @endif>{{ $copied->problem !== '' ? $copied->problem : ($copied->answer() !== '' ? $copied->answer() : __('bars.copied.why')) }}</p>
</form>
