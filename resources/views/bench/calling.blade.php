@php($calling = $page->viewer->callingPreferences())
<form method="post" action="{{ route('preferences.calling') }}" class="calling-form" aria-label="{{ __('calling.preferences') }}">
    @csrf<x-from-here />
    <p class="sentence">{{ __('calling.lead') }}</p>
    <label class="tick"><input type="checkbox" name="sixteenths" value="1" @checked($calling->sixteenths)> {{ __('calling.sixteenths') }}</label>
    <div class="field">
        <label for="pause">{{ __('calling.pause') }}</label>
        <select id="pause" name="pause">@foreach (\App\Models\CallingPreferences::PAUSES as $pause)<option value="{{ $pause }}" @selected($calling->pause === $pause)>{{ __("calling.pauses.{$pause}") }}</option>@endforeach</select>
    </div>
    <label class="tick"><input type="checkbox" name="aloud" value="1" @checked($calling->aloud)> {{ __('calling.aloud') }}</label>
    <button class="button is-small">{{ __('calling.save') }}</button>
</form>
