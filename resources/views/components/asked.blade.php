@props(['name', 'label', 'type' => 'text', 'autocomplete' => 'off', 'value' => '', 'hint' => ''])
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}" type="{{ $type }}" value="{{ $type === 'password' ? '' : old($name, $value) }}" autocomplete="{{ $autocomplete }}" aria-describedby="{{ $name }}-says" @error($name) aria-invalid="true" @enderror {{ $attributes }}>
    <p class="sentence" id="{{ $name }}-says" @error($name) data-tone="stop" role="alert" @enderror>@error($name){{ $message }}@else{{ $hint }}@enderror</p>
</div>
