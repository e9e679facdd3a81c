@php($refused = session('errors')?->getBag('road'))
@php($unit = $page->viewer->roadUnit())
<form method="post" action="{{ route('road.store', $page->job) }}" class="road-form" id="road" novalidate>
    @csrf
    @foreach ([['speed', __('page/road.form.highest_speed'), $unit === \Yoke\Foundation\Units\RoadUnit::Mile ? 'mph' : 'km/h'], ['distance', __('page/road.form.distance'), $unit->value]] as [$field, $label, $sign])
        <div class="field"><label for="{{ $field }}">{{ $label }}, {{ $sign }}</label><input id="{{ $field }}" name="{{ $field }}" value="{{ old($field) }}" inputmode="decimal" autocomplete="off" aria-describedby="{{ $field }}-says" @if ($refused?->has($field)) aria-invalid="true" @endif><p class="sentence" id="{{ $field }}-says" data-tone="stop">{{ $refused?->first($field) }}</p></div>
    @endforeach
    @foreach (\Yoke\Workshop\Road\Feel::cases() as $feel)
        <div class="field"><label for="{{ $feel->value }}">{{ \App\Words\RoadWords::asks($feel) }}</label><select id="{{ $feel->value }}" name="{{ $feel->value }}">@foreach ($feel->answers() as $answer)<option value="{{ $answer }}" @selected(old($feel->value) === $answer)>{{ \App\Words\RoadWords::answer($feel, $answer) }}</option>@endforeach</select></div>
    @endforeach
    <div class="field"><label for="note">{{ __('page/road.form.note') }}</label><input id="note" name="note" value="{{ old('note') }}" maxlength="1000" autocomplete="off"></div>
</form>
