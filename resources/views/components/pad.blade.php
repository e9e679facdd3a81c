@props(['print'])
@php($metric = $print->fineness() === \Yoke\Foundation\Units\Text\Fineness::Millimetre)
@php($rows = $metric
    ? [['1', '2', '3', '4', '5', ' mm', ' cm', '1/2', '1/4', '3/4'], ['6', '7', '8', '9', '0', ' in', '1/8', '3/8', '5/8', '7/8'], [__('language.decimal'), 'back', 'clear', '1/16', '3/16', '5/16', '7/16', '9/16', '11/16', '13/16']]
    : [['1', '2', '3', '4', '5', '1/16', '1/8', '3/16', '1/4', '5/16'], ['6', '7', '8', '9', '0', '3/8', '7/16', '1/2', '9/16', '5/8'], [__('language.decimal'), 'back', 'clear', ' in', ' mm', '11/16', '3/4', '13/16', '7/8', '15/16']])
<div class="pad" id="pad" data-pad data-own="hidden" hidden>
    @foreach ($rows as $keys)
        @foreach ($keys as $key)
            <button type="button" tabindex="-1" data-key="{{ $key }}" @class(['is-fraction' => str_contains($key, '/')])>{{ ['clear' => 'C', 'back' => '⌫'][$key] ?? trim($key) }}</button>
        @endforeach
    @endforeach
</div>
