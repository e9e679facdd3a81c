@props(['part', 'chosen' => null])
@php($name = $part->value)
<div class="field finder" data-finder="{{ route('garage.find', $name) }}" data-none="{{ __('door.none_found') }}">
    <label class="sr-only" for="{{ $name }}_name">{{ __("door.{$name}.label") }}</label>
    <input id="{{ $name }}_name" name="{{ $name }}_name" value="{{ old($name.'_name', $chosen?->name) }}" autocomplete="off" role="combobox" aria-expanded="false" aria-autocomplete="list" aria-controls="{{ $name }}-found" aria-describedby="{{ $name }}_name-says" @if ($errors->hasAny([$name, "{$name}_name"])) aria-invalid="true" @endif>
    <input type="hidden" name="{{ $name }}" value="{{ $chosen?->id }}" data-chosen>
    <ul class="found" id="{{ $name }}-found" role="listbox" aria-label="{{ __('door.found') }}" hidden></ul>
    @php($refusal = $errors->first($name) ?: $errors->first("{$name}_name"))
    <p class="sentence" id="{{ $name }}_name-says" data-finder-says @if ($refusal) data-tone="stop" @endif>{{ $refusal ?: __("door.{$name}.hint") }}</p>
</div>
