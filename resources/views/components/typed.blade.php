@props(['name', 'label', 'hint' => '', 'value' => null])
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}" value="{{ $value ?? old($name) }}" autocomplete="off" aria-describedby="{{ $name }}-says" @error($name) aria-invalid="true" @enderror {{ $attributes }}>
    <p class="sentence" id="{{ $name }}-says" @error($name) data-tone="stop" @enderror>@error($name){{ $message }}@else{{ $hint }}@enderror</p>
</div>
