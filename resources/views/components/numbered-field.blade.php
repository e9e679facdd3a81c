@props(['field', 'first' => false])
@php($name = $field['name'])
<div class="field">
    <label for="{{ $name }}">@if ($field['number'])<span class="number" aria-hidden="true">{{ $field['number'] }}</span> @endif{{ $field['label'] }}</label>
    <input id="{{ $name }}" name="{{ $name }}" value="{{ old($name, $field['value']) }}" inputmode="text" autocomplete="off" enterkeyhint="next" aria-describedby="{{ $name }}-says" @error($name) aria-invalid="true" @enderror @if ($first) autofocus @endif>
    <p class="sentence" id="{{ $name }}-says" @error($name) data-tone="stop" @enderror>@error($name){{ $message }}@else{{ $field['hint'] }}@enderror</p>
</div>
