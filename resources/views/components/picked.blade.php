@props(['name', 'label', 'options', 'chosen' => null])
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <select id="{{ $name }}" name="{{ $name }}" aria-describedby="{{ $name }}-says" @error($name) aria-invalid="true" @enderror {{ $attributes }}>
        @foreach ($options as $value => $text)
            <option value="{{ $value }}" @selected((string) old($name, $chosen) === (string) $value)>{{ $text }}</option>
        @endforeach
    </select>
    @error($name)<p class="sentence" id="{{ $name }}-says" data-tone="stop">{{ $message }}</p>@enderror
</div>
